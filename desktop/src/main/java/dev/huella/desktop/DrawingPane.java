package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.diagram.CallTrace;
import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The focus as a diagram, or a whole file. */
final class DrawingPane implements DrawingCanvas.Doings {
    private static final int GLANCE = 9;
    private final Session session;
    private final DrawingDesk desk;
    private final DrawingCanvas canvas;
    private final DrawingHandOver handOver;
    private final Label title = TopBar.styled(new Label(), "heading");
    private final Label about = TopBar.styled(new Label(), "second");
    private final Label hint = TopBar.styled(new Label(), "hint");
    private final CodeView code;
    private final BorderPane node = new BorderPane();
    private final StackPane sheet;
    private final ContextMenu menu = new ContextMenu();
    private String shown = "";

    DrawingPane(Session session) {
        this.session = session;
        desk = new DrawingDesk(session);
        canvas = new DrawingCanvas(session);
        canvas.doings(this);
        handOver = new DrawingHandOver(session);
        code = new CodeView(session);
        about.setWrapText(true);
        about.setMinHeight(Region.USE_PREF_SIZE);
        sheet = new StackPane(canvas.node(), hint);
        var head = new VBox(4, first(), about, new DrawingTools(desk).node());
        head.getStyleClass().add("drawing-head");
        node.getStyleClass().add("drawing");
        node.setTop(head);
        node.setMinWidth(0);
        node.setCenter(sheet);
        session.focus().addListener(change -> show());
        session.findings().addListener(change -> begin());
        desk.drawing().addListener((property, before, now) -> drawn(now));
        hint.setText("Choose a find or a type on the left.");
    }

    private HBox first() {
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        title.setMinWidth(0);
        Label out = TopBar.styled(new Label("Drag out"), "tool");
        out.setMinWidth(Region.USE_PREF_SIZE);
        out.setAccessibleText("Drag this to another program to give it the drawing");
        out.setOnDragDetected(event -> {
            try {
                out.startDragAndDrop(TransferMode.COPY).setContent(handOver.dragged(canvas.drawing()));
            } catch (IOException | UnsupportedOperationException e) {
                session.message()
                        .set("The drawing could not be dragged out: %s. Copy it instead.".formatted(
                                e.getMessage()));
            }
            event.consume();
        });
        return new HBox(2, title, space, out, TopBar.tool("−", "Make the drawing smaller", () -> canvas.zoom(0.8)),
                TopBar.tool("+", "Make the drawing larger", () -> canvas.zoom(1.25)),
                TopBar.tool("Fit", "Fit the drawing", canvas::fit));
    }

    Node node() {
        return node;
    }

    ObjectProperty<Drawing> drawing() {
        return desk.drawing();
    }

    DrawingDesk desk() {
        return desk;
    }

    DrawingCanvas canvas() {
        return canvas;
    }

    DrawingHandOver handOver() {
        return handOver;
    }

    /** When finds come in and nothing is looked at yet, the first one that breaks something is. */
    private void begin() {
        if (session.focus().get() instanceof Focus.Nothing && !session.refreshing().get()
                && !session.findings().get().all().isEmpty()) {
            session.findings()
                    .get()
                    .all()
                    .stream()
                    .max(Comparator.comparing(DrawingPane::small)
                            .thenComparing(finding -> finding.count(Verdict.Kind.BROKEN)))
                    .ifPresent(finding -> session.look(new Focus.OfFind(finding)));
        }
    }

    /** True when a drawing of all its players can be read at a glance. */
    private static boolean small(Finding finding) {
        return finding.instance()
                .players()
                .values()
                .stream()
                .flatMap(List::stream)
                .map(player -> player.element().home())
                .distinct()
                .count() < GLANCE;
    }

    private void show() {
        Focus focus = session.focus().get();
        title.setText(focus.title());
        about.setText(About.of(focus));
        if (focus instanceof Focus.OfFile file) {
            node.setCenter(code.show(file));
            return;
        }
        node.setCenter(sheet);
        hint.setVisible(focus instanceof Focus.Nothing);
    }

    private void drawn(Drawing now) {
        String key = session.focus().get().key() + desk.kind().get();
        canvas.show(now, key.equals(shown));
        shown = key;
        String what = About.of(session.focus().get());
        about.setText(now.note().isEmpty() ? what : what + (what.endsWith(".") ? " " : ". ") + now.note());
        boolean nothing = now.equals(Drawing.EMPTY) && !(session.focus().get() instanceof Focus.Nothing);
        hint.setVisible(nothing || session.focus().get() instanceof Focus.Nothing);
        hint.setText(nothing
                ? "There is nothing of this kind to show. Another kind is one click above."
                : "Choose a find or a type on the left.");
    }

    void fit() {
        canvas.fit();
    }

    void zoom(double factor) {
        canvas.zoom(factor);
    }

    double scale() {
        return canvas.scale();
    }

    /** A type is looked at; a member, a line or a call opens its file at its line. */
    @Override
    public void open(Area area) {
        if (area.box() != null && area.element() == null && area.box().startsWith(ClassDiagram.PACKAGE)) {
            desk.fold(area.box().substring(ClassDiagram.PACKAGE.length()));
        } else if (area.element() instanceof CodeType type && area.box() != null && !type.external()
                && !new Focus.OfType(type).equals(session.focus().get())) {
            session.stage().set(WorkStage.STRUCTURE);
            session.look(new Focus.OfType(type));
        } else if (area.place() != null) {
            session.look(new Focus.OfFile(area.place().file(), area.place().line(), session.focus().get()));
        }
    }

    @Override
    public void moved(Area box, Point to) {
        boolean frame = box.element() == null; // frames follow what is in them
        if (desk.kind().get() != null && desk.kind().get().movable() && !frame) {
            desk.move(box.box(), to);
        } else {
            canvas.paint();
        }
    }

    @Override
    public void hide(Area box) {
        desk.hide(box);
    }

    @Override
    public void menu(Area area, Area box, double screenX, double screenY) {
        menu.getItems().clear();
        if (area != null && area.element() instanceof Operation operation && CallTrace.worth(operation)) {
            item("Show the calls of " + operation.name(), () -> session.look(new Focus.OfOperation(operation)));
        }
        if (box != null && box.element() instanceof CodeType type) {
            item("Look at " + type.name(), () -> open(box));
            if (type.place() != null) {
                item("Open its code", () -> session.look(new Focus.OfFile(type.place().file(), type.place().line(),
                        session.focus().get())));
            }
            item("Hide " + type.name(), () -> desk.hide(box));
            item("Show all that is next to it", () -> desk.showAround(type));
            String home = type.namespace();
            if (!home.isEmpty() && desk.framed().get()) {
                item("Fold " + home, () -> desk.fold(home));
            }
        } else if (box != null) {
            String name = box.box().substring(ClassDiagram.PACKAGE.length());
            item("Fold or unfold " + name, () -> desk.fold(name));
        }
        item("As it was drawn first", desk::reset);
        menu.show(canvas.node(), screenX, screenY);
    }

    private void item(String text, Runnable run) {
        var item = new MenuItem(text);
        item.setOnAction(event -> run.run());
        menu.getItems().add(item);
    }
}
