package dev.huella.core.drawing;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.drawing.Mark.Text;
import java.util.List;

/** States and transitions as UML draws them. */
public final class StateSketch {
    /** Height of a state. */
    public static final double HEIGHT = 40;
    /** Size of the disc that a machine starts at. */
    public static final double START = 16;
    public static final double LABEL_SIZE = 11.5;
    private static final double NAME_SIZE = 13;

    private StateSketch() {}

    public static double width(String name) {
        return Math.ceil(Math.max(88, Fonts.width(name, NAME_SIZE, true, false) + 28));
    }

    public static void state(String name, Point at, double width, double height, List<Mark> marks) {
        marks.add(new Mark.Rect(at.x(), at.y(), width, height, 12, Ink.SHEET, Ink.INK, 1.1));
        marks.add(new Text(at.x(), at.y() + 25, name, NAME_SIZE, true, false, false, Ink.INK).centred(width));
        marks.add(new Mark.Caption(at.x(), at.y(), width, height, name, "", false, Ink.SHEET, Ink.INK));
    }

    /** Where the code does not say from which state. */
    public static void any(Point at, double width, double height, List<Mark> marks) {
        marks.add(new Mark.Rect(at.x(), at.y(), width, height, 12, Ink.PAPER, Ink.HINT, 1));
        marks.add(new Text(at.x(), at.y() + 25, "any state", NAME_SIZE, false, true, false, Ink.SECOND)
                .centred(width));
    }

    public static void start(Point at, List<Mark> marks) {
        marks.add(Mark.Oval.disc(at.x() + START / 2, at.y() + START / 2, START / 2, Ink.INK, Ink.INK));
    }

    public static void line(List<Point> points, List<Mark> marks) {
        marks.add(new Mark.Path(points, Ink.INK, 1.1, false));
        LinkSketch.open(points.getLast(), points.get(points.size() - 2), Ink.INK, marks);
    }

    public static void label(String text, Point at, List<Mark> marks) {
        marks.add(new Text(at.x() + 2, at.y() + 11, text, LABEL_SIZE, false, false, false, Ink.INK));
    }
}
