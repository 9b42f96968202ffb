package dev.huella.core.drawing;

import dev.huella.core.diagram.CallSequence.Lifeline;
import dev.huella.core.diagram.CallSequence.Message;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark.Path;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.drawing.Mark.Text;
import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Lifelines, messages and fragments as UML draws them. What lies behind is painted first, whatever order it came in. */
public final class SequenceSketch {
    private static final double NAME_SIZE = 12.5;
    private static final double TEXT_SIZE = 11.5;
    private static final double SMALL = 10.5;
    private static final double BAR = 10;
    private static final int MOST_POSSIBLE = 3;
    private final List<Mark> frames = new ArrayList<>();
    private final List<Mark> lines = new ArrayList<>();
    private final List<Mark> bars = new ArrayList<>();
    private final List<Mark> front = new ArrayList<>();
    private final List<Area> areas = new ArrayList<>();

    public static double width(String text) {
        return text.isEmpty() ? 0 : Fonts.width(text, TEXT_SIZE, false, false);
    }

    /** Room for the operator of a fragment. */
    public static double operatorWidth(String operator) {
        return Math.ceil(Fonts.width(operator, TEXT_SIZE, true, false)) + 20;
    }

    public static double barWidth(int running) {
        return BAR / 2 + Math.max(0, running - 1) * (BAR / 2);
    }

    public static double headWidth(Lifeline lifeline) {
        double name = Fonts.width(lifeline.head(), NAME_SIZE, false, false);
        double possible = possible(lifeline).stream()
                .mapToDouble(text -> Fonts.width(text, SMALL, false, false))
                .max()
                .orElse(0);
        return Math.ceil(Math.max(70, Math.max(name, possible) + 18));
    }

    public static double headHeight(Lifeline lifeline) {
        return 28 + possible(lifeline).size() * 13;
    }

    /** Who may answer, in lines of their own; only counted from some number on. */
    private static List<String> possible(Lifeline lifeline) {
        List<String> all = lifeline.possible();
        if (all.size() <= MOST_POSSIBLE) {
            return all.stream().map(name -> "may be " + name).toList();
        }
        List<String> some = new ArrayList<>();
        all.subList(0, MOST_POSSIBLE - 1).forEach(name -> some.add("may be " + name));
        some.add("or one of %d more".formatted(all.size() - MOST_POSSIBLE + 1));
        return some;
    }

    /** The head with its line down to a height. */
    public void lifeline(Lifeline lifeline, double centre, double top, double bottom) {
        double width = headWidth(lifeline);
        double height = headHeight(lifeline);
        double left = centre - width / 2;
        lines.add(new Path(List.of(new Point(centre, top + height), new Point(centre, bottom)), Ink.HINT, 1, true));
        front.add(new Mark.Rect(left, top, width, height, 0, Ink.SHEET, Ink.INK, 1.1));
        front.add(new Text(left, top + 18, lifeline.head(), NAME_SIZE, false, false, false, Ink.INK).centred(width));
        double at = top + 31;
        for (String text : possible(lifeline)) {
            front.add(new Text(left, at, text, SMALL, false, true, false, Ink.SECOND).centred(width));
            at += 13;
        }
        areas.add(new Area(left, top, width, height, lifeline.type()));
    }

    /** A call from one place to another; {@code found}: nobody is shown who makes it. */
    public void call(double from, double to, double y, Message message, boolean found) {
        if (found) {
            front.add(Mark.Oval.disc(from, y, 4, Ink.INK, Ink.INK));
        }
        lines.add(new Path(List.of(new Point(from, y), new Point(to, y)), Ink.INK, 1.1, false));
        full(to, from, y);
        text(message.text(), Math.min(from, to), Math.max(from, to), y, Ink.INK);
        areas.add(Area.of(new Point(from, y - 10), new Point(to, y), message.at()));
    }

    public void create(double from, double to, double y, Message message) {
        lines.add(new Path(List.of(new Point(from, y), new Point(to, y)), Ink.INK, 1.1, true));
        LinkSketch.open(new Point(to, y), new Point(from, y), Ink.INK, front);
        text("«create»", Math.min(from, to), Math.max(from, to), y, Ink.SECOND);
        areas.add(Area.of(new Point(from, y - 10), new Point(to, y), message.at()));
    }

    /** A call of something on itself. */
    public void own(double x, double y, Message message, double reach, double bar) {
        lines.add(new Path(List.of(new Point(x, y - 8), new Point(x + reach, y - 8), new Point(x + reach, y + 10),
                new Point(x + bar / 2, y + 10)), Ink.INK, 1.1, false));
        full(x + bar / 2, x + reach, y + 10);
        String text = message.creates() ? "«create»" : message.text();
        front.add(new Mark.Rect(x + reach + 4, y - 8, width(text) + 4, 15, 0, Ink.SHEET, Ink.NONE, 0));
        front.add(new Text(x + reach + 6, y + 4, text, TEXT_SIZE, false, false, false, Ink.INK));
        areas.add(new Area(x, y - 12, reach + 8 + width(text), 24, null, null, message.at()));
    }

    /** What a call gives back. */
    public void back(double from, double to, double y, String result, SourceSpan at) {
        lines.add(new Path(List.of(new Point(from, y), new Point(to, y)), Ink.INK, 1, true));
        LinkSketch.open(new Point(to, y), new Point(from, y), Ink.INK, front);
        text(result, Math.min(from, to), Math.max(from, to), y, Ink.SECOND);
        areas.add(Area.of(new Point(from, y), new Point(to, y), at));
    }

    /** While something runs. */
    public void bar(double centre, double top, double bottom, Element element) {
        bars.addFirst(new Mark.Rect(centre - BAR / 2, top, BAR, bottom - top, 0, Ink.PAPER, Ink.SECOND, 0.9));
        areas.addFirst(new Area(centre - BAR / 2, top, BAR, bottom - top, element));
    }

    public void guard(double x, double y, String guard) {
        if (!guard.isEmpty()) {
            String text = "[" + guard + "]";
            front.add(new Mark.Rect(x - 2, y - 9, width(text) + 4, 13, 0, Ink.SHEET, Ink.NONE, 0));
            front.add(new Text(x, y + 1, text, TEXT_SIZE, false, false, false, Ink.SECOND));
        }
    }

    /** A frame with its operator in a corner; {@code cuts}: heights of the lines between operands. */
    public void fragment(String operator, double x, double y, double width, double height, List<Double> cuts) {
        frames.addFirst(new Mark.Rect(x, y, width, height, 0, Ink.NONE, Ink.SECOND, 1));
        double tab = operatorWidth(operator);
        front.add(new Mark.Polygon(List.of(new Point(x, y), new Point(x + tab, y), new Point(x + tab, y + 10),
                new Point(x + tab - 7, y + 18), new Point(x, y + 18)), Ink.PAPER, Ink.SECOND, 1));
        front.add(new Text(x + 6, y + 13, operator, TEXT_SIZE, true, false, false, Ink.INK));
        cuts.forEach(cut -> frames.add(new Path(List.of(new Point(x, cut), new Point(x + width, cut)), Ink.SECOND, 1,
                true)));
    }

    public void note(double x, double y, String text) {
        front.add(new Text(x, y, text, TEXT_SIZE, false, true, false, Ink.SECOND));
    }

    /** All of it, in the order in which it is to be painted. */
    public void finish(List<Mark> marks, List<Area> into) {
        List.of(frames, lines, bars, front).forEach(marks::addAll);
        into.addAll(areas);
    }

    private void full(double to, double from, double y) {
        double side = Math.signum(from - to);
        front.add(new Mark.Polygon(
                List.of(new Point(to, y), new Point(to + side * 9, y - 4.5), new Point(to + side * 9, y + 4.5)),
                Ink.INK, Ink.INK, 1));
    }

    private void text(String text, double left, double right, double y, Ink ink) {
        if (!text.isEmpty()) {
            double middle = (left + right) / 2 - width(text) / 2;
            front.add(new Mark.Rect(middle - 2, y - 16, width(text) + 4, 13, 0, Ink.SHEET, Ink.NONE, 0));
            front.add(new Text(middle, y - 5, text, TEXT_SIZE, false, false, false, ink));
        }
    }
}
