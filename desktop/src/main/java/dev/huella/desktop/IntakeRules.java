package dev.huella.desktop;

import dev.huella.core.source.LeaveOut;
import java.util.EnumSet;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The rules for leaving files out, each switchable; a change reads the code again. */
final class IntakeRules {
    private final VBox node;

    IntakeRules(Session session) {
        var boxes = new FlowPane(10, 6);
        for (LeaveOut rule : LeaveOut.values()) {
            var box = new CheckBox(rule.word());
            box.setId("rule-" + rule.word());
            box.setAccessibleText("Leave out: " + rule.reason());
            box.setSelected(!session.taken().get().contains(rule));
            box.setOnAction(event -> {
                Set<LeaveOut> taken = EnumSet.noneOf(LeaveOut.class);
                taken.addAll(session.taken().get());
                if (box.isSelected()) {
                    taken.remove(rule);
                } else {
                    taken.add(rule);
                }
                session.take(taken);
            });
            boxes.getChildren().add(box);
        }
        node = new VBox(6, TopBar.styled(new Label("Leave out what is"), "second"), boxes);
        node.setId("intake-rules");
    }

    Node node() {
        return node;
    }
}
