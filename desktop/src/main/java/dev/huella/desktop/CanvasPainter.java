package dev.huella.desktop;

import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.Palette;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;

/** Paints a drawing on a canvas: the same marks as in files. */
final class CanvasPainter {
    private final GraphicsContext graphics;
    private final Palette palette;

    CanvasPainter(GraphicsContext graphics, Palette palette) {
        this.graphics = graphics;
        this.palette = palette;
    }

    void paint(Drawing drawing) {
        drawing.marks().forEach(this::mark);
    }

    private void mark(Mark mark) {
        switch (mark) {
            case Mark.Rect rect -> {
                double arc = rect.radius() * 2;
                fill(rect.fill());
                graphics.fillRoundRect(rect.x(), rect.y(), rect.width(), rect.height(), arc, arc);
                if (rect.stroke() != Ink.NONE) {
                    stroke(rect.stroke(), rect.weight(), false);
                    graphics.strokeRoundRect(rect.x(), rect.y(), rect.width(), rect.height(), arc, arc);
                }
            }
            case Mark.Path path -> {
                stroke(path.stroke(), path.weight(), path.dashed());
                graphics.strokePolyline(xs(path.points()), ys(path.points()), path.points().size());
            }
            case Mark.Polygon shape -> {
                fill(shape.fill());
                graphics.fillPolygon(xs(shape.points()), ys(shape.points()), shape.points().size());
                stroke(shape.stroke(), shape.weight(), false);
                graphics.strokePolygon(xs(shape.points()), ys(shape.points()), shape.points().size());
            }
            case Mark.Disc disc -> {
                fill(disc.fill());
                graphics.fillOval(disc.x() - disc.radius(), disc.y() - disc.radius(), disc.radius() * 2,
                        disc.radius() * 2);
                stroke(disc.stroke(), 1, false);
                graphics.strokeOval(disc.x() - disc.radius(), disc.y() - disc.radius(), disc.radius() * 2,
                        disc.radius() * 2);
            }
            case Mark.Text text -> text(text);
        }
    }

    private void text(Mark.Text text) {
        fill(text.ink());
        graphics.setFont(Font.font(Fonts.FAMILY, text.bold() ? FontWeight.BOLD : FontWeight.NORMAL,
                text.italic() ? FontPosture.ITALIC : FontPosture.REGULAR, text.size()));
        graphics.fillText(text.text(), text.x(), text.y());
        if (text.underlined()) {
            stroke(text.ink(), 0.8, false);
            double width = Fonts.width(text.text(), text.size(), text.bold(), text.italic());
            graphics.strokeLine(text.x(), text.y() + 2, text.x() + width, text.y() + 2);
        }
    }

    private void fill(Ink ink) {
        graphics.setFill(GroundView.colour(palette, ink));
    }

    private void stroke(Ink ink, double weight, boolean dashed) {
        Color colour = GroundView.colour(palette, ink);
        graphics.setStroke(colour);
        graphics.setLineWidth(weight);
        if (dashed) {
            graphics.setLineDashes(5, 4);
        } else {
            graphics.setLineDashes((double[]) null);
        }
    }

    private static double[] xs(List<Mark.Point> points) {
        return points.stream().mapToDouble(Mark.Point::x).toArray();
    }

    private static double[] ys(List<Mark.Point> points) {
        return points.stream().mapToDouble(Mark.Point::y).toArray();
    }
}
