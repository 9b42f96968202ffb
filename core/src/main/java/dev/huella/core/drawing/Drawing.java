package dev.huella.core.drawing;

import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/**
 * A finished drawing: marks in the order they are painted, and which stretches belong to which element. Painters for
 * the window and for files paint the same drawing, so what is exported is what was seen.
 *
 * @param width in drawing units, one to a pixel at normal size
 * @param lines between boxes; empty for diagrams that have no boxes
 * @param note what is left out and why, which the drawing says as well; empty when nothing is
 */
public record Drawing(String title, double width, double height, List<Mark> marks, List<Area> areas,
        List<Line> lines, String note) {
    public static final Drawing EMPTY = new Drawing("", 0, 0, List.of(), List.of());

    public Drawing {
        marks = List.copyOf(marks);
        areas = List.copyOf(areas);
        lines = List.copyOf(lines);
    }

    /** A drawing without lines between boxes. */
    public Drawing(String title, double width, double height, List<Mark> marks, List<Area> areas) {
        this(title, width, height, marks, areas, List.of(), "");
    }

    /** One relation as it was drawn, between boxes by their ids. */
    public record Line(Link link, List<Point> points) {
        public Line {
            points = List.copyOf(points);
        }
    }

    /**
     * What a stretch of the drawing stands for, for choosing it by pointing.
     *
     * @param element null for lines and for boxes of no element
     * @param box id of the whole box; null for anything else
     * @param place the line of code that it rests on, or null
     */
    public record Area(double x, double y, double width, double height, Element element, String box,
            SourceSpan place) {
        private static final double NEAR = 3;

        /** A part of a box. */
        public Area(double x, double y, double width, double height, Element element) {
            this(x, y, width, height, element, null, element == null ? null : element.place());
        }

        /** The stretch of a line between two points, some units wide. */
        public static Area of(Point one, Point two, SourceSpan place) {
            return new Area(Math.min(one.x(), two.x()) - NEAR, Math.min(one.y(), two.y()) - NEAR,
                    Math.abs(one.x() - two.x()) + 2 * NEAR, Math.abs(one.y() - two.y()) + 2 * NEAR, null, null, place);
        }

        public boolean holds(double px, double py) {
            return px >= x && px <= x + width && py >= y && py <= y + height;
        }
    }

    /** What is at a point, the last painted first; null when nothing is. */
    public Area areaAt(double x, double y) {
        return areas.reversed().stream().filter(area -> area.holds(x, y)).findFirst().orElse(null);
    }

    /** The element at a point; null when there is none. */
    public Element at(double x, double y) {
        Area area = areaAt(x, y);
        return area == null ? null : area.element();
    }

    /** The box at a point; null when there is none. */
    public Area boxAt(double x, double y) {
        return areas.reversed()
                .stream()
                .filter(area -> area.box() != null && area.holds(x, y))
                .findFirst()
                .orElse(null);
    }

    /** This one with another at its right, a hairline between them. */
    public Drawing beside(Drawing right, double gap, String both) {
        double shift = width + gap;
        double tall = Math.max(height, right.height);
        List<Mark> all = new ArrayList<>(marks.stream().map(mark -> mark.moved(0, (tall - height) / 2)).toList());
        all.add(new Mark.Path(List.of(new Point(width + gap / 2, 12), new Point(width + gap / 2, tall - 12)), Ink.LINE,
                1, false));
        double down = (tall - right.height) / 2;
        right.marks.forEach(mark -> all.add(mark.moved(shift, down)));
        List<Area> found = new ArrayList<>();
        right.areas.forEach(area -> found.add(new Area(area.x + shift, area.y + down, area.width, area.height,
                area.element, area.box, area.place)));
        List<Line> moved = right.lines.stream()
                .map(line -> new Line(line.link(),
                        line.points().stream().map(point -> new Point(point.x() + shift, point.y() + down)).toList()))
                .toList();
        return new Drawing(both, shift + right.width, tall, all, found, moved, right.note);
    }
}
