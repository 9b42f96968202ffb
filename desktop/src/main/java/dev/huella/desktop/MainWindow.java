package dev.huella.desktop;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Puts the four places together: the ground above, then list, drawing and reading side by side. */
final class MainWindow {
    private final Session session;
    private final StackPane root = new StackPane();
    private final BorderPane places = new BorderPane();
    private final DrawingPane drawing;
    private final CommandBox commands;
    private final List<Node> sides;

    MainWindow(Session session, SourceChooser chooser) {
        this.session = session;
        var actions = new Actions(session, chooser);
        drawing = new DrawingPane(session);
        commands = new CommandBox(session, actions);
        var ground = new GroundView(session);
        var list = new ListPane(session);
        var reading = new ReadingPane(session);
        var rail = new StageRail(session);
        actions.places(drawing, list::chosenTypes, this::room);
        sides = List.of(list.node(), reading.node());
        HBox.setHgrow(drawing.node(), Priority.ALWAYS);
        var middle = new HBox(rail.node(), list.node(), drawing.node(), reading.node());
        VBox.setVgrow(middle, Priority.ALWAYS);
        places.setTop(new VBox(new TopBar(session, commands, actions).node(), ground.node()));
        places.setCenter(middle);
        var welcome = new Welcome(session, actions);
        root.getChildren().addAll(places, welcome.node(), commands.answers());
        welcome.node().visibleProperty().bind(session.project().isNull().and(session.working().not()));
        session.project().addListener((property, before, now) -> {
            if (!session.refreshing().get()) {
                list.requestFocus();
            }
        });
        session.dark().addListener((property, before, now) -> {
            root.getStyleClass().remove("dark");
            if (now) {
                root.getStyleClass().add("dark");
            }
        });
        root.getStyleClass().add("root");
        session.textSize().addListener((property, before, now) -> textSize(now.intValue()));
        textSize(session.textSize().get());
    }

    private void textSize(int percent) {
        root.setStyle("-fx-font-size: %.2fpx;".formatted(13 * percent / 100.0));
    }

    /** Hides list and reading, so that the drawing has all the room, or brings them back. */
    void room() {
        sides.forEach(side -> {
            side.setVisible(!side.isVisible());
            side.setManaged(side.isVisible());
        });
        drawing.canvas().focus();
    }

    StackPane root() {
        return root;
    }

    DrawingPane drawing() {
        return drawing;
    }

    /** Keys and dropping work wherever the pointer is. */
    void install(Scene scene) {
        commands.actions().all().forEach(action -> {
            if (action.keys() != null) {
                scene.getAccelerators().put(action.keys(), action.run());
            }
        });
        scene.getAccelerators().put(new KeyCodeCombination(KeyCode.K, KeyCombination.SHORTCUT_DOWN), commands::ask);
        scene.setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
            }
        });
        scene.setOnDragDropped(event -> {
            Dragboard board = event.getDragboard();
            List<Path> dropped = board.getFiles().stream().map(file -> file.toPath()).toList();
            if (!dropped.isEmpty()) {
                session.open(dropped);
            }
            event.setDropCompleted(!dropped.isEmpty());
        });
    }
}
