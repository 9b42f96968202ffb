package dev.huella.core.drawing;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark.Point;
import java.util.List;

/** One type as UML draws it, measured and painted by the same rules. Role tags sit on its upper edge. */
public final class BoxSketch {
    private static final double PAD = 8;
    private static final double ROW = 16;
    private static final double NAME_SIZE = 13;
    private static final double TEXT_SIZE = 11.5;
    private static final double TAG_SIZE = 10.5;
    /** How far role tags stand out above the box. */
    public static final double TAG_HEIGHT = 16;
    private static final double TAG_GAP = 4;
    private final Box box;

    public BoxSketch(Box box) {
        this.box = box;
    }

    public double width() {
        double width = Fonts.width(box.head().name(), NAME_SIZE, true, box.head().isAbstract()) + 2 * PAD;
        if (box.head().look() == Look.COLLABORATION) {
            return Math.ceil(Math.max(120, width * 1.35));
        }
        width = Math.max(width, Fonts.width("«" + box.head().stereotype() + "»", TEXT_SIZE, false, false) + 2 * PAD);
        for (List<Member> members : List.of(box.fields(), box.operations())) {
            for (Member member : members) {
                width = Math.max(width,
                        Fonts.width(member.text(), TEXT_SIZE, false, member.isAbstract()) + 2 * PAD);
            }
        }
        width = Math.max(width, Fonts.width(hidden(), TAG_SIZE, false, false) + 2 * PAD);
        return Math.ceil(Math.max(Math.max(width, 96), tagsWidth() + 2 * PAD));
    }

    private double tagsWidth() {
        double width = 0;
        for (String tag : box.head().tags()) {
            width += tagWidth(tag) + TAG_GAP;
        }
        return width;
    }

    private static double tagWidth(String tag) {
        return Math.ceil(Fonts.width(tag, TAG_SIZE, false, false)) + 12;
    }

    /** Height with the tags above the box. */
    public double height() {
        return switch (box.head().look()) {
            case COLLABORATION -> 56;
            case FOLDED -> 52;
            default -> tagSpace() + head() + compartment(box.fields()) + compartment(box.operations()) + last();
        };
    }

    /** Room above the box for the tags. */
    public double tagSpace() {
        return box.head().tags().isEmpty() ? 0 : TAG_HEIGHT;
    }

    /** A last compartment says how many of the types around this one are not shown. */
    private String hidden() {
        return box.head().hidden() > 0 ? "%d more types not shown".formatted(box.head().hidden()) : "";
    }

    private double last() {
        return box.head().hidden() > 0 ? ROW + 2 : 0;
    }

    private double head() {
        return (box.head().stereotype().isEmpty() ? 0 : 14) + 26;
    }

    private static double compartment(List<Member> members) {
        return members.isEmpty() ? 0 : members.size() * ROW + PAD;
    }

    /** Paints it with its upper left corner, tags included, at a point. */
    public void paint(double x, double y, List<Mark> marks, List<Area> areas) {
        double width = width();
        areas.add(new Area(x, y, width, height(), box.type(), box.id(),
                box.type() == null ? null : box.type().place()));
        switch (box.head().look()) {
            case COLLABORATION -> collaboration(x, y, width, marks);
            case FOLDED -> folded(x, y, width, marks);
            default -> classifier(x, y, width, marks, areas);
        }
    }

    private void collaboration(double x, double y, double width, List<Mark> marks) {
        marks.add(new Mark.Oval(x + width / 2, y + 28, width / 2, 28, Ink.SHEET, Ink.INK, true));
        marks.add(new Mark.Text(x, y + 32, box.head().name(), NAME_SIZE, true, false, false, Ink.INK).centred(width));
    }

    private void folded(double x, double y, double width, List<Mark> marks) {
        marks.add(new Mark.Rect(x, y, Math.min(width, 42), 12, 0, Ink.PAPER, Ink.INK, 1.1));
        marks.add(new Mark.Rect(x, y + 12, width, 40, 0, Ink.PAPER, Ink.INK, 1.1));
        marks.add(new Mark.Text(x, y + 36, box.head().name(), NAME_SIZE, true, false, false, Ink.INK).centred(width));
        marks.add(new Mark.Caption(x, y + 12, width, 40, box.head().name(), "", false, Ink.PAPER, Ink.INK));
    }

    private void classifier(double x, double y, double width, List<Mark> marks, List<Area> areas) {
        double top = y + tagSpace();
        double height = height() - tagSpace();
        tags(x + PAD, y, marks);
        border(x, top, width, height, marks);
        double at = top;
        Ink ink = switch (box.head().look()) {
            case OUTSIDE -> Ink.SECOND;
            case MISSING -> Ink.HINT;
            default -> Ink.INK;
        };
        if (!box.head().stereotype().isEmpty()) {
            String text = "«" + box.head().stereotype() + "»";
            at += 14;
            marks.add(new Mark.Text(x, at, text, TEXT_SIZE - 1, false, false, false, Ink.SECOND).centred(width));
        }
        marks.add(new Mark.Text(x, at + 18, box.head().name(), NAME_SIZE, true, box.head().isAbstract(), false,
                ink).centred(width));
        at += 26;
        at = members(box.fields(), x, width, at, marks, areas);
        members(box.operations(), x, width, at, marks, areas);
        marks.add(new Mark.Caption(x, top, width, height, box.type() == null ? box.head().name() : box.type().name(),
                String.join(", ", box.head().tags()), box.head().isAbstract(),
                box.head().look() == Look.OUTSIDE ? Ink.PAPER : Ink.SHEET, ink));
        if (box.head().hidden() > 0) {
            double edge = top + height - last();
            marks.add(new Mark.Path(List.of(new Point(x, edge), new Point(x + width, edge)), Ink.HINT, 0.8, false));
            marks.add(new Mark.Text(x + PAD, edge + 12.5, hidden(), TAG_SIZE, false, false, false, Ink.SECOND));
        }
    }

    /** Types outside the sources have a light edge, roles that nobody plays only an outline of dashes. */
    private void border(double x, double y, double width, double height, List<Mark> marks) {
        Look look = box.head().look();
        Ink edge = switch (look) {
            case FOCUS -> Ink.CLAY;
            case OUTSIDE -> Ink.HINT;
            case MISSING -> Ink.NONE;
            default -> Ink.INK;
        };
        marks.add(new Mark.Rect(x, y, width, height, 0, look == Look.OUTSIDE ? Ink.PAPER : Ink.SHEET, edge,
                look == Look.FOCUS ? 1.6 : 1.1));
        if (look == Look.MISSING) {
            marks.add(new Mark.Path(List.of(new Point(x, y), new Point(x + width, y), new Point(x + width, y + height),
                    new Point(x, y + height), new Point(x, y)), Ink.HINT, 1, true));
        }
    }

    /** How far inside its lower edge a line that comes from below meets the box. */
    public double bottomAt(double across) {
        return box.head().look() == Look.COLLABORATION ? curve(across) : 0;
    }

    /** How far an ellipse stands back from the edge of its room. */
    private double curve(double across) {
        double half = width() / 2;
        double part = Math.min(1, Math.abs(across - half) / half);
        return 28 - 28 * Math.sqrt(1 - part * part);
    }

    /** How far below the upper edge, tags included, a line that comes from above meets the box or a tag. */
    public double topAt(double across) {
        if (box.head().look() == Look.COLLABORATION) {
            return curve(across);
        }
        if (box.head().look() == Look.FOLDED) {
            return across <= Math.min(width(), 42) ? 0 : 12;
        }
        double at = PAD;
        for (String tag : box.head().tags()) {
            if (across >= at - 5 && across <= at + tagWidth(tag) + 5) {
                return 0;
            }
            at += tagWidth(tag) + TAG_GAP;
        }
        return tagSpace();
    }

    private void tags(double x, double y, List<Mark> marks) {
        double at = x;
        for (String tag : box.head().tags()) {
            double width = tagWidth(tag);
            marks.add(new Mark.Rect(at, y, width, TAG_HEIGHT, 3, Ink.TINT, Ink.CLAY, 0.8));
            marks.add(new Mark.Text(at + 6, y + 11.5, tag, TAG_SIZE, false, false, false, Ink.CLAY));
            at += width + TAG_GAP;
        }
    }

    private static double members(List<Member> members, double x, double width, double y, List<Mark> marks,
            List<Area> areas) {
        if (members.isEmpty()) {
            return y;
        }
        marks.add(new Mark.Path(List.of(new Mark.Point(x, y), new Mark.Point(x + width, y)), Ink.INK, 0.8, false));
        double at = y + PAD / 2;
        for (Member member : members) {
            Ink ink = member.broken() ? Ink.BROKEN : member.element() == null ? Ink.SECOND : Ink.INK;
            marks.add(new Mark.Text(x + PAD, at + 12, member.text(), TEXT_SIZE, false, member.isAbstract(),
                    member.isStatic(), ink));
            if (member.element() != null) {
                areas.add(new Area(x, at, width, ROW, member.element()));
            }
            at += ROW;
        }
        return at + PAD / 2;
    }
}
