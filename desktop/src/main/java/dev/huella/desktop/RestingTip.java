package dev.huella.desktop;

import java.util.function.BiFunction;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;

/**
 * Tells about a place in a picture once the pointer rests there. What JavaFX offers for this gives out styles anew with each
 * move of the pointer, which over a strip of thousands of marks is most of the work of the interface thread.
 */
final class RestingTip {
    private static final Duration REST = Duration.millis(500);
    private static final double BELOW = 18;
    private final Tooltip tip = new Tooltip();
    private final PauseTransition rest = new PauseTransition(REST);
    private final Node node;
    private final BiFunction<Double, Double, String> text;
    private MouseEvent at;

    /** {@code text}: what is told about a place of the node; empty for nothing. */
    RestingTip(Node node, BiFunction<Double, Double, String> text) {
        this.node = node;
        this.text = text;
        rest.setOnFinished(event -> show());
        node.addEventHandler(MouseEvent.MOUSE_MOVED, this::moved);
        node.addEventHandler(MouseEvent.MOUSE_EXITED, event -> hide());
        node.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> hide());
    }

    private void moved(MouseEvent event) {
        at = event;
        if (tip.isShowing() && text.apply(event.getX(), event.getY()).equals(tip.getText())) {
            return;
        }
        tip.hide();
        rest.playFromStart();
    }

    private void show() {
        tip.setText(text.apply(at.getX(), at.getY()));
        if (!tip.getText().isEmpty() && node.getScene() != null) {
            tip.show(node, at.getScreenX(), at.getScreenY() + BELOW);
        }
    }

    private void hide() {
        rest.stop();
        tip.hide();
    }
}
