package dev.huella.desktop;

import dev.huella.core.conformance.Verdict;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.StrokeLineCap;

/** The sign of a verdict: a full disc, a disc cleft by a slanting gap, a dotted ring. Shape first, colour second. */
final class VerdictSign {
    private static final double RADIUS = 5;

    private VerdictSign() {}

    static Node of(Verdict.Kind kind) {
        var disc = new Circle(RADIUS, RADIUS, RADIUS);
        var sign = new Group(disc);
        sign.setAccessibleText(kind.word());
        disc.getStyleClass().add("sign-" + kind.word());
        if (kind == Verdict.Kind.BROKEN) {
            var gap = new Line(RADIUS * 0.6, RADIUS * 2.1, RADIUS * 1.4, -RADIUS * 0.1);
            gap.getStyleClass().add("sign-gap");
            sign.getChildren().add(gap);
        } else if (kind == Verdict.Kind.OPEN) {
            disc.setRadius(RADIUS - 1);
            disc.getStrokeDashArray().setAll(0.1, 3.2);
            disc.setStrokeLineCap(StrokeLineCap.ROUND);
        }
        return sign;
    }
}
