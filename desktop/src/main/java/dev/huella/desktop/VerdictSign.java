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
        switch (kind) {
            case MET -> disc.setStyle("-fx-fill: -met;");
            case BROKEN -> {
                disc.setStyle("-fx-fill: -broken;");
                var gap = new Line(RADIUS * 0.6, RADIUS * 2.1, RADIUS * 1.4, -RADIUS * 0.1);
                gap.setStyle("-fx-stroke: -paper; -fx-stroke-width: 2;");
                sign.getChildren().add(gap);
            }
            case OPEN -> {
                disc.setRadius(RADIUS - 1);
                disc.setStyle("-fx-fill: transparent; -fx-stroke: -open; -fx-stroke-width: 1.8;");
                disc.getStrokeDashArray().setAll(0.1, 3.2);
                disc.setStrokeLineCap(StrokeLineCap.ROUND);
            }
        }
        return sign;
    }
}
