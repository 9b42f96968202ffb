package dev.huella.core.drawing;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The typeface of drawings. One file is measured here, painted in the window and named in pictures. */
public final class Fonts {
    public static final String FAMILY = "Liberation Sans";
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
    private static final Map<String, Font> LOADED = new ConcurrentHashMap<>();

    private Fonts() {}

    /** The font file as a resource, for whoever paints. */
    public static InputStream file(boolean bold, boolean italic) {
        return Fonts.class.getResourceAsStream("/liberation/LiberationSans-" + face(bold, italic) + ".ttf");
    }

    private static String face(boolean bold, boolean italic) {
        return bold ? italic ? "BoldItalic" : "Bold" : italic ? "Italic" : "Regular";
    }

    static Font font(boolean bold, boolean italic, double size) {
        return LOADED.computeIfAbsent(face(bold, italic), face -> load(bold, italic)).deriveFont((float) size);
    }

    private static Font load(boolean bold, boolean italic) {
        try (InputStream in = file(bold, italic)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException("The font of drawings is missing from this build", e);
        }
    }

    /** Width in drawing units. */
    public static double width(String text, double size, boolean bold, boolean italic) {
        return font(bold, italic, size).getStringBounds(text, CONTEXT).getWidth();
    }
}
