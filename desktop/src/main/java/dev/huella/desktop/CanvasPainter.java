package dev.huella.desktop;

import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.Palette;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;

/** Paints a drawing on a canvas: the same marks as in files, but nothing that cannot be seen or read. */
final class CanvasPainter {
    /** Text smaller than this many pixels is left out. */
    private static final double READABLE = 5.6;
    /** Below this scale boxes say their names only. */
    private static final double NAMES_ONLY = 0.5;
    /** Below this scale dashes run together; they would only cost time. */
    private static final double DASHED = 0.25;
    private static final int REMEMBERED = 200;
    private static final int MANY = 5_000;
    private static final Map<List<Object>, CaptionLines> CAPTIONS = new HashMap<>();
    private static final Map<Face, Font> FONTS = new HashMap<>();
    private final GraphicsContext graphics;
    private final Palette palette;
    private final double scale;
    private final CaptionRoom room;

    private record Face(boolean bold, boolean italic, double size) {}

    CanvasPainter(GraphicsContext graphics, Palette palette, double scale, CaptionRoom room) {
        this.room = room;
        this.graphics = graphics;
        this.palette = palette;
        this.scale = scale;
    }

    /** Paints what lies in a part of the drawing. */
    void paint(Drawing drawing, double left, double top, double right, double bottom) {
        for (Mark mark : drawing.marks()) {
            if (inside(mark, left, top, right, bottom)) {
                mark(mark);
            }
        }
    }

    private boolean inside(Mark mark, double left, double top, double right, double bottom) {
        return switch (mark) {
            case Mark.Rect rect -> rect.x() < right && rect.y() < bottom && rect.x() + rect.width() > left
                    && rect.y() + rect.height() > top;
            case Mark.Text text -> text.size() * scale > READABLE && text.x() < right && text.y() - text.size() < bottom
                    && text.y() + text.size() > top && text.x() + text.text().length() * text.size() > left;
            case Mark.Path path -> inside(path.points(), left, top, right, bottom);
            case Mark.Polygon polygon -> inside(polygon.points(), left, top, right, bottom);
            case Mark.Caption name -> scale < NAMES_ONLY && name.x() < right && name.y() < bottom
                    && name.x() + name.width() > left && name.y() + name.height() > top;
            case Mark.TabName tab -> scale < NAMES_ONLY && tab.x() < right && tab.y() < bottom
                    && tab.x() + tab.width() > left && tab.y() + tab.height() > top;
            case Mark.Oval oval -> oval.x() - oval.across() < right && oval.x() + oval.across() > left
                    && oval.y() - oval.down() < bottom && oval.y() + oval.down() > top;
        };
    }

    private static boolean inside(List<Mark.Point> points, double left, double top, double right, double bottom) {
        boolean leftOf = true;
        boolean above = true;
        boolean rightOf = true;
        boolean below = true;
        for (Mark.Point point : points) {
            leftOf &= point.x() < left;
            above &= point.y() < top;
            rightOf &= point.x() > right;
            below &= point.y() > bottom;
        }
        return !leftOf && !above && !rightOf && !below;
    }

    /** A frame in the colour of the focus. */
    void outline(double x, double y, double width, double height) {
        stroke(Ink.CLAY, 1.4 / scale, true);
        graphics.strokeRect(x, y, width, height);
    }

    private void mark(Mark mark) {
        switch (mark) {
            case Mark.Rect rect -> rect(rect);
            case Mark.Path path -> {
                stroke(path.stroke(), path.weight(), path.dashed());
                graphics.strokePolyline(xs(path.points()), ys(path.points()), path.points().size());
            }
            case Mark.Polygon shape -> {
                double[] xs = xs(shape.points());
                double[] ys = ys(shape.points());
                fill(shape.fill());
                graphics.fillPolygon(xs, ys, xs.length);
                stroke(shape.stroke(), shape.weight(), false);
                graphics.strokePolygon(xs, ys, xs.length);
            }
            case Mark.Oval oval -> {
                fill(oval.fill());
                graphics.fillOval(oval.x() - oval.across(), oval.y() - oval.down(), oval.across() * 2,
                        oval.down() * 2);
                stroke(oval.stroke(), 1, oval.dashed());
                graphics.strokeOval(oval.x() - oval.across(), oval.y() - oval.down(), oval.across() * 2,
                        oval.down() * 2);
            }
            case Mark.Text text -> text(text);
            case Mark.Caption name -> caption(name);
            case Mark.TabName tab -> tab(tab);
        }
    }

    private void rect(Mark.Rect rect) {
        double arc = rect.radius() * 2;
        if (rect.fill() != Ink.NONE) {
            fill(rect.fill());
            graphics.fillRoundRect(rect.x(), rect.y(), rect.width(), rect.height(), arc, arc);
        }
        if (rect.stroke() != Ink.NONE) {
            stroke(rect.stroke(), rect.weight(), false);
            graphics.strokeRoundRect(rect.x(), rect.y(), rect.width(), rect.height(), arc, arc);
        }
    }

    private void text(Mark.Text text) {
        fill(text.ink());
        if (FONTS.size() > REMEMBERED) {
            FONTS.clear(); // captions have another size at each scale
        }
        graphics.setFont(FONTS.computeIfAbsent(new Face(text.bold(), text.italic(), text.size()),
                key -> Font.font(Fonts.FAMILY, text.bold() ? FontWeight.BOLD : FontWeight.NORMAL,
                        text.italic() ? FontPosture.ITALIC : FontPosture.REGULAR, text.size())));
        graphics.fillText(text.text(), text.x(), text.y());
        if (text.underlined()) {
            stroke(text.ink(), 0.8, false);
            double width = Fonts.width(text.text(), text.size(), text.bold(), text.italic());
            graphics.strokeLine(text.x(), text.y() + 2, text.x() + width, text.y() + 2);
        }
    }

    /**
     * A name in letters that can be read, in as many lines as there is room for; below it what it plays. A box that is too small
     * for its name is shown larger, as far as no other name stands there.
     */
    private void caption(Mark.Caption name) {
        CaptionLines own = lines(name.text(), pixels(name.width()) - 3, pixels(name.height()) - 1);
        if (own.isWhole(name.text())) {
            plate(name, own, false);
            return;
        }
        Mark.Caption wider = grown(name, room.beside(name), room.above(name));
        CaptionLines more = lines(name.text(), pixels(wider.width()) - 3, pixels(wider.height()) - 1, true);
        if (more.lines().isEmpty()) {
            plate(name, own, false);
            return;
        }
        double across = Math.max(0, ((more.width() + 4) / scale - name.width()) / 2);
        double down = Math.max(0, ((more.height() + 2) / scale - name.height()) / 2);
        plate(grown(name, across, down), more, true);
    }

    /** The tab of a frame is made as wide as its name in letters that can be read, but not wider than the frame. */
    private void tab(Mark.TabName tab) {
        CaptionLines name = CaptionLines.line(tab.text(), pixels(tab.width()) - 4, pixels(tab.height()));
        if (!name.lines().isEmpty()) {
            double height = Math.max(tab.height(), name.height() / scale);
            var plate = new Mark.Caption(tab.x(), tab.y() + tab.height() - height, (name.width() + 6) / scale, height,
                    tab.text(), "", false, Ink.PAPER, Ink.SECOND);
            plate(plate, name, true);
        }
    }

    private int pixels(double length) {
        return (int) (length * scale);
    }

    private static Mark.Caption grown(Mark.Caption name, double across, double down) {
        return new Mark.Caption(name.x() - across, name.y() - down, name.width() + 2 * across,
                name.height() + 2 * down, name.text(), name.roles(), name.italic(), name.fill(), name.ink());
    }

    private void plate(Mark.Caption name, CaptionLines above, boolean edged) {
        double inset = edged ? 0 : 0.8 / scale;
        fill(name.fill());
        graphics.fillRect(name.x() + inset, name.y() + inset, name.width() - 2 * inset, name.height() - 2 * inset);
        if (edged) {
            stroke(name.ink(), 1.1, false);
            graphics.strokeRect(name.x(), name.y(), name.width(), name.height());
        }
        CaptionLines below = name.roles().isEmpty()
                ? CaptionLines.NONE
                : lines(name.roles(), pixels(name.width()) - 3, (int) (name.height() * scale - 1 - above.height()));
        double top = name.y() + (name.height() - (above.height() + below.height()) / scale) / 2;
        lines(above, name, top, name.ink());
        lines(below, name, top + above.height() / scale, Ink.CLAY);
    }

    private void lines(CaptionLines lines, Mark.Caption name, double top, Ink ink) {
        double size = lines.size() / scale;
        double y = top + size * 0.95;
        for (String line : lines.lines()) {
            text(new Mark.Text(name.x(), y, line, size, false, name.italic() && ink != Ink.CLAY, false, ink)
                    .centred(name.width()));
            y += size * CaptionLines.SPACING;
        }
    }

    private static CaptionLines lines(String name, int width, int height) {
        return lines(name, width, height, false);
    }

    private static CaptionLines lines(String name, int width, int height, boolean small) {
        if (CAPTIONS.size() > MANY) {
            CAPTIONS.clear();
        }
        return CAPTIONS.computeIfAbsent(List.of(name, width, height, small),
                key -> small ? CaptionLines.small(name, width, height) : CaptionLines.of(name, width, height));
    }

    private void fill(Ink ink) {
        graphics.setFill(Colours.of(palette, ink));
    }

    private void stroke(Ink ink, double weight, boolean dashed) {
        Color colour = Colours.of(palette, ink);
        graphics.setStroke(colour);
        graphics.setLineWidth(weight);
        if (dashed && scale > DASHED) {
            graphics.setLineDashes(5, 4);
        } else {
            graphics.setLineDashes((double[]) null);
        }
    }

    private static double[] xs(List<Mark.Point> points) {
        double[] found = new double[points.size()];
        for (int i = 0; i < found.length; i++) {
            found[i] = points.get(i).x();
        }
        return found;
    }

    private static double[] ys(List<Mark.Point> points) {
        double[] found = new double[points.size()];
        for (int i = 0; i < found.length; i++) {
            found[i] = points.get(i).y();
        }
        return found;
    }
}
