package dev.huella.desktop;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** One line of code with its number, in colour. */
final class CodeLineBox {
    private CodeLineBox() {}

    static HBox of(int number, List<CodeLines.Part> parts, boolean marked) {
        var flow = new TextFlow();
        for (CodeLines.Part part : parts) {
            var text = new Text(part.text());
            text.getStyleClass().add("code-part");
            if (!part.style().isEmpty()) {
                text.getStyleClass().add(part.style());
            }
            flow.getChildren().add(text);
        }
        flow.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        var box = new HBox(new Label(String.valueOf(number)), flow);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("code-line");
        if (marked) {
            box.getStyleClass().add("marked");
        }
        return box;
    }
}
