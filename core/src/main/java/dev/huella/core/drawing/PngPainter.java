package dev.huella.core.drawing;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import javax.imageio.ImageIO;

/** Paints a drawing as a PNG picture, at a chosen scale unless that would be too large. */
public final class PngPainter {
    private static final BasicStroke DASHES = new BasicStroke(1.1f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1,
            new float[]{5, 4}, 0);
    private static final double MOST_PIXELS = 60_000_000;
    private final Graphics2D graphics;
    private final Palette palette;

    private PngPainter(Graphics2D graphics, Palette palette) {
        this.graphics = graphics;
        this.palette = palette;
    }

    /**
     * Writes the picture; the stream stays open.
     *
     * @param wanted pixels to a drawing unit
     */
    public static void paint(Drawing drawing, Palette palette, double wanted, OutputStream to) throws IOException {
        ImageIO.write(image(drawing, palette, wanted), "png", to);
    }

    /** The picture in memory, for the clipboard. */
    public static BufferedImage image(Drawing drawing, Palette palette, double wanted) {
        double area = Math.max(1, drawing.width() * drawing.height());
        double scale = Math.min(wanted, Math.sqrt(MOST_PIXELS / area));
        var image = new BufferedImage((int) Math.max(1, Math.ceil(drawing.width() * scale)),
                (int) Math.max(1, Math.ceil(drawing.height() * scale)), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        graphics.setColor(Color.decode(palette.colour(Ink.SHEET)));
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.scale(scale, scale);
        var painter = new PngPainter(graphics, palette);
        drawing.marks().forEach(painter::mark);
        graphics.dispose();
        return image;
    }

    private void mark(Mark mark) {
        switch (mark) {
            case Mark.Rect rect -> fillAndDraw(new RoundRectangle2D.Double(rect.x(), rect.y(), rect.width(),
                    rect.height(), rect.radius() * 2, rect.radius() * 2), rect.fill(), rect.stroke(), rect.weight());
            case Mark.Path path -> {
                graphics.setColor(colour(path.stroke()));
                graphics.setStroke(path.dashed()
                        ? new BasicStroke((float) path.weight(), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1,
                                new float[]{5, 4}, 0)
                        : new BasicStroke((float) path.weight()));
                graphics.draw(shape(path.points(), false));
            }
            case Mark.Polygon polygon ->
                fillAndDraw(shape(polygon.points(), true), polygon.fill(), polygon.stroke(), polygon.weight());
            case Mark.Oval oval -> {
                var shape = new Ellipse2D.Double(oval.x() - oval.across(), oval.y() - oval.down(), oval.across() * 2,
                        oval.down() * 2);
                fillAndDraw(shape, oval.fill(), oval.dashed() ? Ink.NONE : oval.stroke(), 1);
                if (oval.dashed()) {
                    graphics.setColor(colour(oval.stroke()));
                    graphics.setStroke(DASHES);
                    graphics.draw(shape);
                }
            }
            case Mark.Text text -> text(text);
            case Mark.Caption _, Mark.TabName _ -> {
                // text in files can be read at any size
            }
        }
    }

    private void text(Mark.Text text) {
        graphics.setColor(colour(text.ink()));
        graphics.setFont(Fonts.font(text.bold(), text.italic(), text.size()));
        graphics.drawString(text.text(), (float) text.x(), (float) text.y());
        if (text.underlined()) {
            double width = Fonts.width(text.text(), text.size(), text.bold(), text.italic());
            graphics.setStroke(new BasicStroke(0.8f));
            graphics.draw(new java.awt.geom.Line2D.Double(text.x(), text.y() + 2, text.x() + width, text.y() + 2));
        }
    }

    private void fillAndDraw(Shape shape, Ink fill, Ink stroke, double weight) {
        if (fill != Ink.NONE) {
            graphics.setColor(colour(fill));
            graphics.fill(shape);
        }
        if (stroke != Ink.NONE) {
            graphics.setColor(colour(stroke));
            graphics.setStroke(new BasicStroke((float) weight));
            graphics.draw(shape);
        }
    }

    private Color colour(Ink ink) {
        return Color.decode(palette.colour(ink));
    }

    private static Shape shape(List<Mark.Point> points, boolean closed) {
        var path = new Path2D.Double();
        for (int i = 0; i < points.size(); i++) {
            if (i == 0) {
                path.moveTo(points.get(i).x(), points.get(i).y());
            } else {
                path.lineTo(points.get(i).x(), points.get(i).y());
            }
        }
        if (closed) {
            path.closePath();
        }
        return path;
    }
}
