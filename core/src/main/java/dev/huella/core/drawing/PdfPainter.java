package dev.huella.core.drawing;

import java.io.IOException;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Paints a drawing as a PDF of one page, as lines and text in the drawing's own typeface. */
public final class PdfPainter {
    /** How far the handles of a curve stand from its ends to make a quarter of a circle, as a part of the radius. */
    private static final double ROUND = 0.5523;
    private static final float LARGEST_PAGE = 14_400;
    private final PDDocument document;
    private final PDPageContentStream out;
    private final Palette palette;
    private final double height;
    private final Map<String, PDFont> fonts = new HashMap<>();

    private PdfPainter(PDDocument document, PDPageContentStream out, Palette palette, double height) {
        this.document = document;
        this.out = out;
        this.palette = palette;
        this.height = height;
    }

    /** Writes the document; the stream stays open. A unit is a point, less where the page would be too large for PDF. */
    public static void paint(Drawing drawing, Palette palette, OutputStream to) throws IOException {
        double scale = Math.min(1, LARGEST_PAGE / Math.max(1, Math.max(drawing.width(), drawing.height())));
        try (var document = new PDDocument()) {
            document.getDocumentInformation().setTitle(drawing.title());
            document.setDocumentId(0L); // the same drawing gives the same file
            var page = new PDPage(new PDRectangle((float) Math.max(1, drawing.width() * scale),
                    (float) Math.max(1, drawing.height() * scale)));
            document.addPage(page);
            try (var out = new PDPageContentStream(document, page)) {
                out.transform(org.apache.pdfbox.util.Matrix.getScaleInstance((float) scale, (float) scale));
                var painter = new PdfPainter(document, out, palette, drawing.height());
                painter.mark(new Mark.Rect(0, 0, drawing.width(), drawing.height(), 0, Ink.SHEET, Ink.NONE, 0));
                for (Mark mark : drawing.marks()) {
                    painter.mark(mark);
                }
            }
            document.save(to);
        }
    }

    private void mark(Mark mark) throws IOException {
        switch (mark) {
            case Mark.Rect rect -> {
                double radius = Math.min(rect.radius(), Math.min(rect.width(), rect.height()) / 2);
                if (radius > 0) {
                    rounded(rect, radius);
                } else {
                    out.addRect((float) rect.x(), y(rect.y() + rect.height()), (float) rect.width(),
                            (float) rect.height());
                }
                finish(rect.fill(), rect.stroke(), rect.weight(), false);
            }
            case Mark.Path path -> {
                line(path.points());
                finish(Ink.NONE, path.stroke(), path.weight(), path.dashed());
            }
            case Mark.Polygon polygon -> {
                line(polygon.points());
                out.closePath();
                finish(polygon.fill(), polygon.stroke(), polygon.weight(), false);
            }
            case Mark.Oval oval -> {
                double left = oval.x() - oval.across();
                double right = oval.x() + oval.across();
                double top = oval.y() - oval.down();
                double bottom = oval.y() + oval.down();
                out.moveTo((float) left, y(oval.y()));
                corner(left, oval.y(), left, top, oval.x(), top);
                corner(oval.x(), top, right, top, right, oval.y());
                corner(right, oval.y(), right, bottom, oval.x(), bottom);
                corner(oval.x(), bottom, left, bottom, left, oval.y());
                out.closePath();
                finish(oval.fill(), oval.stroke(), 1, oval.dashed());
            }
            case Mark.Text text -> text(text);
            case Mark.Caption _, Mark.TabName _ -> {
                // text in files can be read at any size
            }
        }
    }

    private void rounded(Mark.Rect rect, double radius) throws IOException {
        double right = rect.x() + rect.width();
        double bottom = rect.y() + rect.height();
        out.moveTo((float) rect.x(), y(rect.y() + radius));
        corner(rect.x(), rect.y() + radius, rect.x(), rect.y(), rect.x() + radius, rect.y());
        out.lineTo((float) (right - radius), y(rect.y()));
        corner(right - radius, rect.y(), right, rect.y(), right, rect.y() + radius);
        out.lineTo((float) right, y(bottom - radius));
        corner(right, bottom - radius, right, bottom, right - radius, bottom);
        out.lineTo((float) (rect.x() + radius), y(bottom));
        corner(rect.x() + radius, bottom, rect.x(), bottom, rect.x(), bottom - radius);
        out.closePath();
    }

    /** A quarter of an ellipse from one point to another, bulging towards the corner between them. */
    private void corner(double x1, double y1, double cornerX, double cornerY, double x2, double y2)
            throws IOException {
        out.curveTo((float) (x1 + (cornerX - x1) * ROUND), y(y1 + (cornerY - y1) * ROUND),
                (float) (x2 + (cornerX - x2) * ROUND), y(y2 + (cornerY - y2) * ROUND), (float) x2, y(y2));
    }

    private void line(List<Mark.Point> points) throws IOException {
        for (int i = 0; i < points.size(); i++) {
            if (i == 0) {
                out.moveTo((float) points.get(i).x(), y(points.get(i).y()));
            } else {
                out.lineTo((float) points.get(i).x(), y(points.get(i).y()));
            }
        }
    }

    private void finish(Ink fill, Ink stroke, double weight, boolean dashed) throws IOException {
        if (fill != Ink.NONE) {
            out.setNonStrokingColor(colour(fill));
        }
        if (stroke != Ink.NONE) {
            out.setStrokingColor(colour(stroke));
            out.setLineWidth((float) weight);
            out.setLineDashPattern(dashed ? new float[]{5, 4} : new float[0], 0);
        }
        if (fill != Ink.NONE && stroke != Ink.NONE) {
            out.fillAndStroke();
        } else if (fill != Ink.NONE) {
            out.fill();
        } else if (stroke != Ink.NONE) {
            out.stroke();
        }
    }

    private void text(Mark.Text text) throws IOException {
        PDFont font = font(text.bold(), text.italic());
        out.beginText();
        out.setNonStrokingColor(colour(text.ink()));
        out.setFont(font, (float) text.size());
        out.newLineAtOffset((float) text.x(), y(text.y()));
        out.showText(known(font, text.text()));
        out.endText();
        if (text.underlined()) {
            double width = Fonts.width(text.text(), text.size(), text.bold(), text.italic());
            line(List.of(new Mark.Point(text.x(), text.y() + 2), new Mark.Point(text.x() + width, text.y() + 2)));
            finish(Ink.NONE, text.ink(), 0.8, false);
        }
    }

    /** Letters that the typeface does not have become question marks. */
    private static String known(PDFont font, String text) {
        var found = new StringBuilder();
        text.codePoints().forEach(point -> {
            String letter = Character.toString(point);
            try {
                font.encode(letter);
                found.append(letter);
            } catch (IOException | IllegalArgumentException e) {
                found.append('?');
            }
        });
        return found.toString();
    }

    private PDFont font(boolean bold, boolean italic) throws IOException {
        String key = bold + " " + italic;
        PDFont font = fonts.get(key);
        if (font == null) {
            try (var in = Fonts.file(bold, italic)) {
                font = PDType0Font.load(document, in);
            }
            fonts.put(key, font);
        }
        return font;
    }

    private float y(double y) {
        return (float) (height - y);
    }

    private java.awt.Color colour(Ink ink) {
        return java.awt.Color.decode(palette.colour(ink));
    }
}
