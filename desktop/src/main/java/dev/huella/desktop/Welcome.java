package dev.huella.desktop;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Shown while nothing is open: what to do first, with the demo one click away. */
final class Welcome {
    private final VBox node = new VBox(14);

    Welcome(Session session, Actions actions) {
        var what = new Label("Drop a folder or an archive of code here.");
        what.getStyleClass().add("heading");
        var how = new Label("It is read as it is: nothing is built, nothing leaves this machine.");
        how.getStyleClass().add("second");
        var message = new Label();
        message.textProperty().bind(session.message());
        message.setWrapText(true);
        message.setMaxWidth(560);
        var choices = new HBox(10, button("Open a folder …", "go", actions::openFolder),
                button("Open an archive …", "quiet", actions::openArchive),
                button("Look at the demo", "quiet", actions::openDemo));
        choices.setAlignment(Pos.CENTER);
        node.setAlignment(Pos.CENTER);
        node.setMaxSize(640, 220);
        node.getChildren().addAll(what, how, choices, message);
    }

    Node node() {
        return node;
    }

    private static Button button(String text, String style, Runnable run) {
        var button = new Button(text);
        button.getStyleClass().setAll("button", style);
        button.setOnAction(event -> run.run());
        return button;
    }
}
