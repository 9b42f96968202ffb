package dev.huella.core.drawing;

import java.util.List;

/** One thing to be painted. Everything a drawing can hold is one of these, so that painters stay small. */
public sealed interface Mark {
    /** A point in drawing units. */
    record Point(double x, double y) {}

    /** A rectangle with corners rounded by {@code radius}. */
    record Rect(double x, double y, double width, double height, double radius, Ink fill, Ink stroke, double weight)
            implements
                Mark {}

    /** A line through points. */
    record Path(List<Point> points, Ink stroke, double weight, boolean dashed) implements Mark {
        public Path {
            points = List.copyOf(points);
        }
    }

    /** A closed shape: arrow heads and diamonds. */
    record Polygon(List<Point> points, Ink fill, Ink stroke, double weight) implements Mark {
        public Polygon {
            points = List.copyOf(points);
        }
    }

    /** A disc, for verdict signs. */
    record Disc(double x, double y, double radius, Ink fill, Ink stroke) implements Mark {}

    /** A line of text; {@code y} is its base line, {@code x} its left end. */
    record Text(double x, double y, String text, double size, boolean bold, boolean italic, boolean underlined, Ink ink)
            implements
                Mark {}
}
