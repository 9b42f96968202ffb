package dev.huella.core.drawing;

import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.drawing.Mark.Point;
import java.util.List;

/** One relation as UML draws it: the line, its ends, and a sign where an obligation breaks on it. */
public final class LinkSketch {
    private LinkSketch() {}

    /** Paints the line through points from the box it starts at to the box it leads to. */
    public static void paint(Link link, List<Point> points, List<Mark> marks) {
        Ink ink = link.broken() ? Ink.BROKEN : Ink.INK;
        marks.add(new Mark.Path(points, ink, link.broken() ? 1.6 : 1.1, link.ending().dashed()));
        Point end = points.getLast();
        Point before = points.get(points.size() - 2);
        Point start = points.getFirst();
        Point after = points.get(1);
        switch (link.ending()) {
            case GENERALIZATION, REALIZATION -> head(end, before, ink, marks);
            case COMPOSITION -> diamond(start, after, ink, ink, marks);
            case AGGREGATION -> diamond(start, after, Ink.SHEET, ink, marks);
            case ASSOCIATION, DEPENDENCY -> open(end, before, ink, marks);
            case NESTING -> within(end, before, ink, marks);
            case ROLE -> {
                // a plain dashed line
            }
        }
        if (link.ending() == Ending.COMPOSITION || link.ending() == Ending.AGGREGATION) {
            open(end, before, ink, marks);
        }
        if (link.broken()) {
            Point sign = along(points, 0.2); // texts stand at the middle
            cleft(sign.x(), sign.y(), 6, marks);
        }
    }

    /** Paints several lines that end in one head: their stretches, and the head at the end of one of them. */
    public static void tree(Link link, List<List<Point>> stretches, List<Point> one, List<Mark> marks) {
        stretches.forEach(stretch -> marks.add(new Mark.Path(stretch, Ink.INK, 1.1, link.ending().dashed())));
        Point before = one.get(one.size() - 2);
        if (link.ending().upward()) {
            head(one.getLast(), before, Ink.INK, marks);
        } else {
            open(one.getLast(), before, Ink.INK, marks);
        }
    }

    private static void head(Point end, Point before, Ink ink, List<Mark> marks) {
        marks.add(new Mark.Polygon(List.of(end, turned(end, before, 12, 6.5), turned(end, before, 12, -6.5)),
                Ink.SHEET, ink, 1.1));
    }

    static void open(Point end, Point before, Ink ink, List<Mark> marks) {
        marks.add(new Mark.Path(List.of(turned(end, before, 9, 4.5), end, turned(end, before, 9, -4.5)), ink, 1.1,
                false));
    }

    private static void diamond(Point start, Point after, Ink fill, Ink ink, List<Mark> marks) {
        marks.add(new Mark.Polygon(List.of(start, turned(start, after, 8, 4.5), turned(start, after, 16, 0),
                turned(start, after, 8, -4.5)), fill, ink, 1.1));
    }

    /** A circle with a cross in it, at the border of what the other stands inside. */
    private static void within(Point end, Point before, Ink ink, List<Mark> marks) {
        Point middle = turned(end, before, 5, 0);
        marks.add(Mark.Oval.disc(middle.x(), middle.y(), 5, Ink.SHEET, ink));
        marks.add(new Mark.Path(List.of(end, turned(end, before, 10, 0)), ink, 1.1, false));
        marks.add(new Mark.Path(List.of(turned(end, before, 5, 5), turned(end, before, 5, -5)), ink, 1.1, false));
    }

    /** The sign of something broken: a disc cleft by a slanting gap. */
    public static void cleft(double x, double y, double radius, List<Mark> marks) {
        marks.add(Mark.Oval.disc(x, y, radius, Ink.BROKEN, Ink.BROKEN));
        marks.add(new Mark.Path(
                List.of(new Point(x - radius * 0.45, y + radius), new Point(x + radius * 0.45, y - radius)),
                Ink.SHEET, radius * 0.38, false));
    }

    /** A point so far along from one towards another, and so far to the side. */
    private static Point turned(Point from, Point towards, double along, double aside) {
        double dx = towards.x() - from.x();
        double dy = towards.y() - from.y();
        double length = Math.max(0.001, Math.hypot(dx, dy));
        return new Point(from.x() + dx / length * along - dy / length * aside,
                from.y() + dy / length * along + dx / length * aside);
    }

    /** The point at some part of the whole length. */
    private static Point along(List<Point> points, double part) {
        double left = length(points) * part;
        for (int i = 1; i < points.size(); i++) {
            double step = Math.hypot(points.get(i).x() - points.get(i - 1).x(),
                    points.get(i).y() - points.get(i - 1).y());
            if (left <= step) {
                return turned(points.get(i - 1), points.get(i), left, 0);
            }
            left -= step;
        }
        return points.getLast();
    }

    private static double length(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += Math.hypot(points.get(i).x() - points.get(i - 1).x(), points.get(i).y() - points.get(i - 1).y());
        }
        return length;
    }
}
