package dev.huella.desktop;

import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.Thumbnail;
import dev.huella.core.molde.PatternDefinition;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.layout.Pane;
import javafx.scene.shape.ArcTo;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;

/**
 * The thumbnail by which a pattern is known, drawn from its definition, so that a person's own pattern has one, too. A key role
 * is a full box, any other an empty one, and one of which many are kept has a second behind it; lines have the heads and
 * dashes of the class diagram.
 */
final class PatternSketch {
    private static final double WIDTH = 40;
    private static final double HEIGHT = 26;
    private static final double BOX_WIDTH = 6;
    private static final double BOX_HEIGHT = 4;
    private static final double EDGE = 3;
    private static final double HEAD = 3;
    private static final double HALF_HEAD = 2;
    private static final double APART = 2;
    private static final Map<String, Thumbnail> KNOWN = new ConcurrentHashMap<>();
    private final Thumbnail thumbnail;
    private final Path lines = path("sketch-line");
    private final Path dashed = path("sketch-dashed");
    private final Path heads = path("sketch-empty");
    private final Path empty = path("sketch-empty");
    private final Path full = path("sketch-full");

    private PatternSketch(Thumbnail thumbnail) {
        this.thumbnail = thumbnail;
        thumbnail.lines().forEach(this::draw);
        thumbnail.nodes().forEach(this::draw);
    }

    /** Works out what {@link #of} draws; in the background, since a definition is read through for it. */
    static Thumbnail prepare(PatternDefinition pattern) {
        return KNOWN.computeIfAbsent(pattern.text(), text -> Thumbnail.of(pattern));
    }

    static Pane of(PatternDefinition pattern) {
        var sketch = new PatternSketch(prepare(pattern));
        var pane = new Pane(sketch.lines, sketch.dashed, sketch.heads, sketch.empty, sketch.full);
        pane.setMinSize(WIDTH, HEIGHT);
        pane.setPrefSize(WIDTH, HEIGHT);
        pane.setMaxSize(WIDTH, HEIGHT);
        return pane;
    }

    private static Path path(String style) {
        var path = new Path();
        path.getStyleClass().setAll(style);
        return path;
    }

    private double x(Thumbnail.Node node) {
        double step = (WIDTH - BOX_WIDTH - 2 * EDGE) / Math.max(1, thumbnail.columns() - 1);
        return thumbnail.columns() == 1 ? WIDTH / 2 : EDGE + BOX_WIDTH / 2 + step * node.column();
    }

    private double y(Thumbnail.Node node) {
        double step = (HEIGHT - BOX_HEIGHT - 2 * EDGE) / Math.max(1, thumbnail.rows() - 1);
        return thumbnail.rows() == 1 ? HEIGHT / 2 : EDGE + BOX_HEIGHT / 2 + step * node.row();
    }

    private void draw(Thumbnail.Node node) {
        if (node.many()) {
            box(empty, x(node) + APART, y(node) - APART);
        }
        box(node.key() ? full : empty, x(node), y(node));
    }

    private static void box(Path into, double x, double y) {
        double left = x - BOX_WIDTH / 2;
        double top = y - BOX_HEIGHT / 2;
        into.getElements()
                .addAll(new MoveTo(left, top), new LineTo(left + BOX_WIDTH, top),
                        new LineTo(left + BOX_WIDTH, top + BOX_HEIGHT), new LineTo(left, top + BOX_HEIGHT),
                        new ClosePath());
    }

    private void draw(Thumbnail.Line line) {
        Path into = line.ending() == Ending.DEPENDENCY ? dashed : lines;
        Thumbnail.Node from = thumbnail.nodes().get(line.from());
        Thumbnail.Node to = thumbnail.nodes().get(line.to());
        if (line.from() == line.to()) {
            double right = x(from) + BOX_WIDTH / 2;
            into.getElements()
                    .addAll(new MoveTo(right, y(from)),
                            new ArcTo(HEAD, HEAD, 0, x(from), y(from) - BOX_HEIGHT / 2, true, false));
            return;
        }
        double across = x(to) - x(from);
        double down = y(to) - y(from);
        double length = Math.hypot(across, down);
        double aside = aside(line);
        double x1 = x(from) - down / length * aside;
        double y1 = y(from) + across / length * aside;
        double inside = Math.min(BOX_WIDTH / 2 / Math.max(1e-6, Math.abs(across / length)),
                BOX_HEIGHT / 2 / Math.max(1e-6, Math.abs(down / length)));
        double reach = length - inside;
        into.getElements()
                .addAll(new MoveTo(x1, y1), new LineTo(x1 + across / length * reach, y1 + down / length * reach));
        head(line, x1, y1, across / length, down / length, reach);
    }

    /** Two lines between the same boxes stand beside each other; each keeps to its left, so that those that meet part. */
    private double aside(Thumbnail.Line line) {
        boolean beside = isThere(line, line.from(), line.to());
        if (beside && line.ending() == Ending.GENERALIZATION) {
            return -APART;
        }
        return beside || isThere(line, line.to(), line.from()) ? APART : 0;
    }

    private boolean isThere(Thumbnail.Line but, int from, int to) {
        return thumbnail.lines().stream().anyMatch(line -> line != but && line.from() == from && line.to() == to);
    }

    private void head(Thumbnail.Line line, double x, double y, double across, double down, double reach) {
        double tipX = x + across * reach;
        double tipY = y + down * reach;
        double backX = tipX - across * HEAD;
        double backY = tipY - down * HEAD;
        var one = new LineTo(backX - down * HALF_HEAD, backY + across * HALF_HEAD);
        var tip = new LineTo(tipX, tipY);
        if (line.ending() == Ending.GENERALIZATION) {
            heads.getElements()
                    .addAll(new MoveTo(backX + down * HALF_HEAD, backY - across * HALF_HEAD), one, tip,
                            new ClosePath());
        } else {
            lines.getElements()
                    .addAll(new MoveTo(one.getX(), one.getY()), tip,
                            new LineTo(backX + down * HALF_HEAD, backY - across * HALF_HEAD));
        }
    }
}
