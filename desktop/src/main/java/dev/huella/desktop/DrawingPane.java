package dev.huella.desktop;

import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.diagram.FindDiagram;
import dev.huella.core.diagram.NeighbourDiagram;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Palette;
import dev.huella.core.layout.LayeredLayout;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The focus as a diagram, or a whole file. Layout runs in the background; a late result is dropped. */
final class DrawingPane {
    private static final double LARGEST = 1.4;
    private final Session session;
    private final ObjectProperty<Drawing> drawing = new SimpleObjectProperty<>(Drawing.EMPTY);
    private final Canvas canvas = new Canvas();
    private final Label title = TopBar.styled(new Label(), "heading");
    private final Label about = TopBar.styled(new Label(), "second");
    private final Label hint = TopBar.styled(new Label(), "hint");
    private final CodeView code;
    private final BorderPane node = new BorderPane();
    private final Pane surface;
    private double scale = 1;
    private double left;
    private double top;
    private double pressedX;
    private double pressedY;
    private boolean dragged;
    private int asked;

    DrawingPane(Session session) {
        this.session = session;
        code = new CodeView(session);
        surface = new Pane(canvas);
        surface.setMinSize(0, 0);
        canvas.widthProperty().bind(surface.widthProperty());
        canvas.heightProperty().bind(surface.heightProperty());
        canvas.setId("drawing");
        canvas.setFocusTraversable(true);
        canvas.widthProperty().addListener(change -> fit());
        canvas.heightProperty().addListener(change -> fit());
        about.setWrapText(true);
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        var tools = new HBox(2, TopBar.tool("−", "Make the drawing smaller", () -> zoom(0.8)),
                TopBar.tool("+", "Make the drawing larger", () -> zoom(1.25)),
                TopBar.tool("Fit", "Fit the drawing", this::fit));
        var head = new VBox(2, new HBox(title, space, tools), about);
        head.getStyleClass().add("drawing-head");
        node.getStyleClass().add("drawing");
        node.setTop(head);
        node.setMinWidth(0);
        node.setCenter(new StackPane(surface, hint));
        canvas.setOnMousePressed(this::press);
        canvas.setOnMouseDragged(this::drag);
        canvas.setOnMouseReleased(this::release);
        canvas.setOnScroll(this::scroll);
        session.focus().addListener(change -> show());
        session.findings().addListener(change -> begin());
        session.dark().addListener(change -> paint());
        drawing.addListener(change -> fit());
        hint.setText("Choose a find or a type on the left.");
    }

    Node node() {
        return node;
    }

    ObjectProperty<Drawing> drawing() {
        return drawing;
    }

    /** When finds come in and nothing is looked at yet, the first one that breaks something is. */
    private void begin() {
        if (session.focus().get() instanceof Focus.Nothing && !session.findings().get().all().isEmpty()) {
            session.findings()
                    .get()
                    .all()
                    .stream()
                    .max(java.util.Comparator.comparing(
                            finding -> finding.count(dev.huella.core.conformance.Verdict.Kind.BROKEN)))
                    .ifPresent(finding -> session.look(new Focus.OfFind(finding)));
        }
    }

    private void show() {
        Focus focus = session.focus().get();
        asked++;
        if (focus instanceof Focus.OfFile file) {
            title.setText(file.title());
            about.setText(file.path());
            node.setCenter(code.show(file));
            return;
        }
        node.setCenter(new StackPane(surface, hint));
        title.setText(focus.title());
        about.setText(about(focus));
        hint.setVisible(focus instanceof Focus.Nothing);
        layOut(focus, asked);
    }

    private static String about(Focus focus) {
        return switch (focus) {
            case Focus.OfFind(var finding) -> Words.pattern(finding.instance().pattern().id())
                    + (finding.instance().variant().isEmpty()
                            ? ""
                            : ", " + finding.instance().variant().replace('-', ' '))
                    + ": " + finding.instance().pattern().about();
            case Focus.OfType(CodeType type) -> type.kind().word() + " in "
                    + (type.namespace().isEmpty() ? "no package" : type.namespace()) + ", with its neighbours";
            case Focus.OfOpportunity(var opportunity) -> Words.pattern(opportunity.id()) + ": "
                    + opportunity.definition().about();
            case Focus.OfMiss(var miss) -> "nearly " + Words.withArticle(miss.pattern().id()) + ": "
                    + miss.pattern().about();
            case Focus.OfPackage _ -> "the types of this package";
            case Focus.OfFile _, Focus.Nothing _ -> "";
        };
    }

    private void layOut(Focus focus, int number) {
        if (session.project().get() == null) {
            drawing.set(Drawing.EMPTY);
            return;
        }
        Model model = session.project().get().model();
        Thread.ofVirtual().name("layout").start(() -> {
            ClassDiagram diagram = switch (focus) {
                case Focus.OfFind(var finding) -> FindDiagram.of(model, finding.instance(), finding.verdicts());
                case Focus.OfType(CodeType type) -> NeighbourDiagram.of(model, type, 1);
                case Focus.OfOpportunity(var opportunity) ->
                    NeighbourDiagram.of(model, opportunity.about().getFirst(), 1);
                case Focus.OfMiss miss -> NeighbourDiagram.of(model, miss.type(), 1);
                case Focus.OfPackage(String name) -> NeighbourDiagram.ofPackage(model, name);
                case Focus.OfFile _, Focus.Nothing _ -> null;
            };
            Drawing made = diagram == null ? Drawing.EMPTY : LayeredLayout.layOut(diagram);
            Platform.runLater(() -> {
                if (number == asked) {
                    drawing.set(made);
                }
            });
        });
    }

    void fit() {
        Drawing now = drawing.get();
        if (now.width() > 0 && canvas.getWidth() > 0 && canvas.getHeight() > 0) {
            scale = Math.min(LARGEST, Math.min(canvas.getWidth() / now.width(), canvas.getHeight() / now.height()));
            left = (canvas.getWidth() - now.width() * scale) / 2;
            top = Math.max(0, (canvas.getHeight() - now.height() * scale) / 3);
        }
        paint();
    }

    /** Makes it larger or smaller around the middle. */
    void zoom(double factor) {
        zoom(factor, canvas.getWidth() / 2, canvas.getHeight() / 2);
    }

    private void zoom(double factor, double x, double y) {
        double next = Math.clamp(scale * factor, 0.03, 6);
        left = x - (x - left) * next / scale;
        top = y - (y - top) * next / scale;
        scale = next;
        paint();
    }

    double scale() {
        return scale;
    }

    private void paint() {
        Palette palette = session.dark().get() ? Palette.DARK : Palette.LIGHT;
        GraphicsContext graphics = canvas.getGraphicsContext2D();
        graphics.setTransform(1, 0, 0, 1, 0, 0);
        graphics.setFill(GroundView.colour(palette, Ink.SHEET));
        graphics.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        graphics.setTransform(scale, 0, 0, scale, left, top);
        new CanvasPainter(graphics, palette).paint(drawing.get());
    }

    private void press(MouseEvent event) {
        canvas.requestFocus();
        pressedX = event.getX();
        pressedY = event.getY();
        dragged = false;
    }

    private void drag(MouseEvent event) {
        dragged |= Math.hypot(event.getX() - pressedX, event.getY() - pressedY) > 3;
        if (dragged) {
            left += event.getX() - pressedX;
            top += event.getY() - pressedY;
            pressedX = event.getX();
            pressedY = event.getY();
            paint();
        }
    }

    /** A click on a type looks at it; a click on a member opens its file at its line. */
    private void release(MouseEvent event) {
        Element element = dragged
                ? null
                : drawing.get().at((event.getX() - left) / scale, (event.getY() - top) / scale);
        if (element == null || element.place() == null) {
            return;
        }
        if (element instanceof CodeType type && !new Focus.OfType(type).equals(session.focus().get())) {
            session.stage().set(WorkStage.STRUCTURE);
            session.look(new Focus.OfType(type));
        } else {
            session.look(new Focus.OfFile(element.place().file(), element.place().line(), session.focus().get()));
        }
    }

    private void scroll(ScrollEvent event) {
        if (event.isShortcutDown() || event.getDeltaX() == 0 && !event.isShiftDown() && event.isControlDown()) {
            zoom(event.getDeltaY() > 0 ? 1.1 : 0.91, event.getX(), event.getY());
        } else {
            left += event.getDeltaX();
            top += event.getDeltaY();
            paint();
        }
    }
}
