package dev.huella.desktop;

import dev.huella.core.project.Project;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A whole file, with the line in question marked and a way back to where one was. */
final class CodeView {
    private final Session session;
    private final ListView<Integer> lines = new ListView<>();
    private final VBox node;
    private CodeLines shown = new CodeLines(List.of());
    private int marked;
    private int asked;

    CodeView(Session session) {
        this.session = session;
        lines.setId("code");
        lines.setCellFactory(list -> new LineCell());
        VBox.setVgrow(lines, Priority.ALWAYS);
        node = new VBox(new HBox(TopBar.tool("← back to where you were", "Back to where you were", session::back)),
                lines);
        node.getStyleClass().add("drawing");
    }

    /** Reads the file in the background. */
    Node show(Focus.OfFile file) {
        Project project = session.project().get();
        int number = ++asked;
        Thread.ofVirtual().name("code").start(() -> {
            CodeLines read = CodeLines.of(project, file.path());
            Platform.runLater(() -> {
                if (number == asked) {
                    shown = read;
                    marked = file.line();
                    lines.getItems()
                            .setAll(java.util.stream.IntStream.rangeClosed(1, read.lines().size()).boxed().toList());
                    lines.scrollTo(Math.max(0, file.line() - 12));
                }
            });
        });
        return node;
    }

    /** One line. */
    private final class LineCell extends ListCell<Integer> {
        @Override
        protected void updateItem(Integer number, boolean empty) {
            super.updateItem(number, empty);
            setText(null);
            setStyle("-fx-padding: 0;");
            setGraphic(empty || number == null || number > shown.lines().size()
                    ? null
                    : CodeLineBox.of(number, shown.lines().get(number - 1), number == marked));
        }
    }
}
