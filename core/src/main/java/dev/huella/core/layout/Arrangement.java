package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import java.util.Map;

/**
 * What is remembered of an earlier drawing.
 *
 * @param before where boxes stood, so that those that stay keep their order
 * @param moved where a person put boxes
 * @param loose only who stands left of whom is kept, not who stands above whom
 */
public record Arrangement(Map<String, Point> before, Map<String, Point> moved, boolean loose) {
    public static final Arrangement NONE = new Arrangement(Map.of(), Map.of());

    public Arrangement(Map<String, Point> before, Map<String, Point> moved) {
        this(before, moved, false);
    }

    public Arrangement {
        before = Map.copyOf(before);
        moved = Map.copyOf(moved);
    }
}
