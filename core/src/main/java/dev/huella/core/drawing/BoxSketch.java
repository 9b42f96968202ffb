package dev.huella.core.drawing;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.drawing.Drawing.Area;
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
        double width = Fonts.width(box.type().name(), NAME_SIZE, true, box.type().isAbstract()) + 2 * PAD;
        width = Math.max(width, Fonts.width("«" + box.stereotype() + "»", TEXT_SIZE, false, false) + 2 * PAD);
        for (List<Member> members : List.of(box.fields(), box.operations())) {
            for (Member member : members) {
                width = Math.max(width,
                        Fonts.width(member.text(), TEXT_SIZE, false, member.isAbstract()) + 2 * PAD);
            }
        }
        return Math.ceil(Math.max(Math.max(width, 96), tagsWidth() + 2 * PAD));
    }

    private double tagsWidth() {
        double width = 0;
        for (String tag : box.tags()) {
            width += tagWidth(tag) + TAG_GAP;
        }
        return width;
    }

    private static double tagWidth(String tag) {
        return Math.ceil(Fonts.width(tag, TAG_SIZE, false, false)) + 12;
    }

    /** Height with the tags above the box. */
    public double height() {
        return tagSpace() + head() + compartment(box.fields()) + compartment(box.operations());
    }

    private double tagSpace() {
        return box.tags().isEmpty() ? 0 : TAG_HEIGHT;
    }

    private double head() {
        return (box.stereotype().isEmpty() ? 0 : 14) + 26;
    }

    private static double compartment(List<Member> members) {
        return members.isEmpty() ? 0 : members.size() * ROW + PAD;
    }

    /** Paints it with its upper left corner, tags included, at a point. */
    public void paint(double x, double y, List<Mark> marks, List<Area> areas) {
        double width = width();
        double top = y + tagSpace();
        double height = height() - tagSpace();
        Ink edge = box.focus() ? Ink.CLAY : Ink.INK;
        areas.add(new Area(x, y, width, height(), box.type()));
        tags(x + PAD, y, marks);
        marks.add(new Mark.Rect(x, top, width, height, 0, Ink.SHEET, edge, box.focus() ? 1.6 : 1.1));
        double at = top;
        if (!box.stereotype().isEmpty()) {
            String text = "«" + box.stereotype() + "»";
            at += 14;
            marks.add(centred(new Mark.Text(x, at, text, TEXT_SIZE - 1, false, false, false, Ink.SECOND), width));
        }
        marks.add(centred(new Mark.Text(x, at + 18, box.type().name(), NAME_SIZE, true, box.type().isAbstract(), false,
                Ink.INK), width));
        at += 26;
        at = members(box.fields(), x, width, at, marks, areas);
        members(box.operations(), x, width, at, marks, areas);
        if (box.hidden() > 0) {
            marks.add(new Mark.Text(x + 2, top + height + 13, "%d more not shown".formatted(box.hidden()), TAG_SIZE,
                    false, false, false, Ink.SECOND));
        }
    }

    private void tags(double x, double y, List<Mark> marks) {
        double at = x;
        for (String tag : box.tags()) {
            double width = tagWidth(tag);
            marks.add(new Mark.Rect(at, y, width, TAG_HEIGHT, 3, Ink.TINT, Ink.CLAY, 0.8));
            marks.add(new Mark.Text(at + 6, y + 11.5, tag, TAG_SIZE, false, false, false, Ink.CLAY));
            at += width + TAG_GAP;
        }
    }

    /** The same text, in the middle of a stretch. */
    private static Mark.Text centred(Mark.Text text, double width) {
        double own = Fonts.width(text.text(), text.size(), text.bold(), text.italic());
        return new Mark.Text(text.x() + (width - own) / 2, text.y(), text.text(), text.size(), text.bold(),
                text.italic(), false, text.ink());
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
