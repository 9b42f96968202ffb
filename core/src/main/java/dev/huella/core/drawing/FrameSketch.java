package dev.huella.core.drawing;

import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.drawing.Mark.Text;
import java.util.List;

/** A package as UML draws it: a frame with a tab that bears its name. */
public final class FrameSketch {
    private static final double TAB = 20;
    private static final double TEXT_SIZE = 11.5;

    private FrameSketch() {}

    /** Paints the frame; pointing at the tab finds the box {@code "package NAME"}. */
    public static void paint(String name, double x, double y, double width, double height, List<Mark> marks,
            List<Area> areas) {
        double tab = Math.min(width, Math.ceil(Fonts.width(name, TEXT_SIZE, true, false)) + 16);
        marks.add(new Mark.Rect(x, y + TAB, width, height - TAB, 0, Ink.PAPER, Ink.HINT, 0.9));
        marks.add(new Mark.Polygon(List.of(new Point(x, y + TAB), new Point(x, y), new Point(x + tab, y),
                new Point(x + tab, y + TAB)), Ink.PAPER, Ink.HINT, 0.9));
        marks.add(new Text(x + 8, y + 14, name, TEXT_SIZE, true, false, false, Ink.SECOND));
        marks.add(new Mark.TabName(x, y, width, TAB, name));
        areas.add(new Area(x, y, tab, TAB, null, "package " + name, null));
    }
}
