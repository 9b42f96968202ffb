package dev.huella.core.drawing;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;

/** Formats that a drawing can be written in. */
public enum PictureFormat {
    SVG, PNG, PDF;

    /** Null when the file's ending is none of these. */
    public static PictureFormat of(String file) {
        String ending = file.substring(file.lastIndexOf('.') + 1).toUpperCase(Locale.ROOT);
        return Arrays.stream(values()).filter(format -> format.name().equals(ending)).findFirst().orElse(null);
    }

    /**
     * Writes a drawing; the stream stays open.
     *
     * @param scale pixels to a drawing unit, where there are pixels
     */
    public void write(Drawing drawing, Palette palette, double scale, OutputStream to) throws IOException {
        switch (this) {
            case SVG -> to.write(SvgPainter.paint(drawing, palette).getBytes(StandardCharsets.UTF_8));
            case PNG -> PngPainter.paint(drawing, palette, scale, to);
            case PDF -> PdfPainter.paint(drawing, palette, to);
        }
    }
}
