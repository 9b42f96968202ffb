package dev.huella.core.drawing;

import java.util.Locale;
import java.util.stream.Collectors;

/** Paints a drawing as SVG text. */
public final class SvgPainter {
    private final Palette palette;
    private final StringBuilder out = new StringBuilder();

    private SvgPainter(Palette palette) {
        this.palette = palette;
    }

    public static String paint(Drawing drawing, Palette palette) {
        return new SvgPainter(palette).document(drawing);
    }

    private String document(Drawing drawing) {
        add("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%s\" height=\"%s\" viewBox=\"0 0 %s %s\" "
                + "role=\"img\" aria-labelledby=\"title desc\" font-family=\"'%s', Arial, sans-serif\">\n",
                drawing.width(), drawing.height(), drawing.width(), drawing.height(), Fonts.FAMILY);
        add("<title id=\"title\">%s</title>\n", escaped(drawing.title()));
        add("<desc id=\"desc\">%s</desc>\n", escaped(description(drawing)));
        add("<rect width=\"100%%\" height=\"100%%\" fill=\"%s\"/>\n", palette.colour(Ink.SHEET));
        drawing.marks().forEach(this::mark);
        return out.append("</svg>\n").toString();
    }

    /** What is in it, for those who cannot see it. */
    private static String description(Drawing drawing) {
        String names = drawing.areas()
                .stream()
                .filter(area -> area.box() != null && area.element() != null)
                .map(area -> area.element().name())
                .distinct()
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? "A UML diagram." : "A UML diagram with " + names + ".";
    }

    private void mark(Mark mark) {
        switch (mark) {
            case Mark.Rect rect -> add("<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" rx=\"%s\" fill=\"%s\" "
                    + "stroke=\"%s\" stroke-width=\"%s\"/>\n", rect.x(), rect.y(), rect.width(), rect.height(),
                    rect.radius(), palette.colour(rect.fill()), palette.colour(rect.stroke()), rect.weight());
            case Mark.Path path -> add("<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%s\"%s/>\n",
                    points(path.points()), palette.colour(path.stroke()), path.weight(),
                    path.dashed() ? " stroke-dasharray=\"5 4\"" : "");
            case Mark.Polygon shape -> add("<polygon points=\"%s\" fill=\"%s\" stroke=\"%s\" stroke-width=\"%s\"/>\n",
                    points(shape.points()), palette.colour(shape.fill()), palette.colour(shape.stroke()),
                    shape.weight());
            case Mark.Oval oval -> add("<ellipse cx=\"%s\" cy=\"%s\" rx=\"%s\" ry=\"%s\" fill=\"%s\" "
                    + "stroke=\"%s\"%s/>\n", oval.x(), oval.y(), oval.across(), oval.down(),
                    palette.colour(oval.fill()), palette.colour(oval.stroke()),
                    oval.dashed() ? " stroke-dasharray=\"5 4\"" : "");
            case Mark.Text text -> add("<text x=\"%s\" y=\"%s\" font-size=\"%s\"%s%s%s fill=\"%s\">%s</text>\n",
                    text.x(), text.y(), text.size(), text.bold() ? " font-weight=\"bold\"" : "",
                    text.italic() ? " font-style=\"italic\"" : "",
                    text.underlined() ? " text-decoration=\"underline\"" : "", palette.colour(text.ink()),
                    escaped(text.text()));
            case Mark.Caption _, Mark.TabName _ -> {
                // text in files can be read at any size
            }
        }
    }

    private static String points(java.util.List<Mark.Point> points) {
        return points.stream()
                .map(point -> number(point.x()) + "," + number(point.y()))
                .collect(Collectors.joining(" "));
    }

    private void add(String format, Object... values) {
        Object[] texts = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            texts[i] = values[i] instanceof Double number ? number(number) : values[i];
        }
        out.append(format.formatted(texts));
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ROOT, "%.2f", value);
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"", "&quot;");
    }
}
