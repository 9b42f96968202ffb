package dev.huella.desktop;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/** The stages of the work, one below the other. */
final class StageRail {
    private final VBox node = new VBox();

    StageRail(Session session) {
        node.getStyleClass().add("rail");
        var group = new ToggleGroup();
        for (WorkStage stage : WorkStage.values()) {
            var item = new ToggleButton(stage.title());
            item.getStyleClass().setAll("rail-item");
            item.setMaxWidth(Double.MAX_VALUE);
            item.setToggleGroup(group);
            item.setDisable(!stage.there());
            item.setAccessibleText(stage.there() ? stage.title() : stage.title() + ", not there yet");
            item.setSelected(session.stage().get() == stage);
            item.setOnAction(event -> {
                item.setSelected(true);
                session.stage().set(stage);
            });
            session.stage().addListener((property, before, now) -> item.setSelected(now == stage));
            node.getChildren().add(item);
        }
    }

    Node node() {
        return node;
    }
}
