package dev.huella.desktop;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** One line of code with its number, in colour. */
final class CodeLineBox {
    private CodeLineBox() {}

    /** As wide as the line is long. */
    static HBox of(int number, List<CodeLines.Part> parts, boolean marked) {
        TextFlow flow = flow(parts);
        flow.setMinWidth(Region.USE_PREF_SIZE);
        return box(number, flow, marked);
    }

    /** What is longer than {@code width} pixels goes on below, so that nothing has to be looked for elsewhere. */
    static HBox wrapped(int number, List<CodeLines.Part> parts, boolean marked, double width) {
        TextFlow flow = flow(parts);
        flow.setMinWidth(width);
        flow.setMaxWidth(width);
        HBox box = box(number, flow, marked);
        box.setAlignment(Pos.TOP_LEFT);
        return box;
    }

    private static TextFlow flow(List<CodeLines.Part> parts) {
        var flow = new TextFlow();
        for (CodeLines.Part part : parts) {
            var text = new Text(part.text());
            text.getStyleClass().add("code-part");
            if (!part.style().isEmpty()) {
                text.getStyleClass().add(part.style());
            }
            flow.getChildren().add(text);
        }
        return flow;
    }

    private static HBox box(int number, TextFlow flow, boolean marked) {
        var box = new HBox(new Label(String.valueOf(number)), flow);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("code-line");
        if (marked) {
            box.getStyleClass().add("marked");
        }
        return box;
    }
}
