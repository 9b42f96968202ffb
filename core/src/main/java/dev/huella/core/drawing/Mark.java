package dev.huella.core.drawing;

import java.util.List;

/** One thing to be painted. Everything a drawing can hold is one of these, so that painters stay small. */
public sealed interface Mark {
    /** The same, so far to the right and down. */
    Mark moved(double dx, double dy);

    /** A point in drawing units. */
    record Point(double x, double y) {
        Point moved(double dx, double dy) {
            return new Point(x + dx, y + dy);
        }
    }

    /** A rectangle with corners rounded by {@code radius}. */
    record Rect(double x, double y, double width, double height, double radius, Ink fill, Ink stroke, double weight)
            implements
                Mark {
        @Override
        public Mark moved(double dx, double dy) {
            return new Rect(x + dx, y + dy, width, height, radius, fill, stroke, weight);
        }
    }

    /** A line through points. */
    record Path(List<Point> points, Ink stroke, double weight, boolean dashed) implements Mark {
        public Path {
            points = List.copyOf(points);
        }

        @Override
        public Mark moved(double dx, double dy) {
            return new Path(points.stream().map(point -> point.moved(dx, dy)).toList(), stroke, weight, dashed);
        }
    }

    /** A closed shape: arrow heads and diamonds. */
    record Polygon(List<Point> points, Ink fill, Ink stroke, double weight) implements Mark {
        public Polygon {
            points = List.copyOf(points);
        }

        @Override
        public Mark moved(double dx, double dy) {
            return new Polygon(points.stream().map(point -> point.moved(dx, dy)).toList(), fill, stroke, weight);
        }
    }

    /** A disc or ellipse around a point. */
    record Oval(double x, double y, double across, double down, Ink fill, Ink stroke, boolean dashed)
            implements
                Mark {
        /** A disc. */
        public static Oval disc(double x, double y, double radius, Ink fill, Ink stroke) {
            return new Oval(x, y, radius, radius, fill, stroke, false);
        }

        @Override
        public Mark moved(double dx, double dy) {
            return new Oval(x + dx, y + dy, across, down, fill, stroke, dashed);
        }
    }

    /** A line of text; {@code y} is its base line, {@code x} its left end. */
    record Text(double x, double y, String text, double size, boolean bold, boolean italic, boolean underlined, Ink ink)
            implements
                Mark {
        @Override
        public Mark moved(double dx, double dy) {
            return new Text(x + dx, y + dy, text, size, bold, italic, underlined, ink);
        }

        /** The same text, in the middle of a stretch that begins at its {@code x}. */
        public Text centred(double stretch) {
            return new Text(x + (stretch - Fonts.width(text, size, bold, italic)) / 2, y, text, size, bold, italic,
                    underlined, ink);
        }
    }

    /**
     * The name of a box, for painters that show it so small that its text cannot be read: written over all that
     * stands inside. Files have no such size and leave it out.
     *
     * @param roles what it plays, in few words; or empty
     */
    record Caption(double x, double y, double width, double height, String text, String roles, boolean italic,
            Ink fill, Ink ink)
            implements
                Mark {
        @Override
        public Mark moved(double dx, double dy) {
            return new Caption(x + dx, y + dy, width, height, text, roles, italic, fill, ink);
        }
    }

    /**
     * The name of a frame, for painters that show it so small that the text in its tab cannot be read: it may take the whole strip
     * above the frame. Files have no such size and leave it out.
     */
    record TabName(double x, double y, double width, double height, String text) implements Mark {
        @Override
        public Mark moved(double dx, double dy) {
            return new TabName(x + dx, y + dy, width, height, text);
        }
    }
}
