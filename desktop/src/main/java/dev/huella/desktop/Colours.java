package dev.huella.desktop;

import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Palette;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.paint.Color;

/** The inks of drawings as colours of the window. */
final class Colours {
    private static final Map<Palette, Map<Ink, Color>> ALL = all();

    private Colours() {}

    static Color of(Palette palette, Ink ink) {
        return ALL.get(palette).get(ink);
    }

    private static Map<Palette, Map<Ink, Color>> all() {
        Map<Palette, Map<Ink, Color>> all = new EnumMap<>(Palette.class);
        for (Palette palette : Palette.values()) {
            Map<Ink, Color> own = new EnumMap<>(Ink.class);
            for (Ink ink : Ink.values()) {
                own.put(ink, ink == Ink.NONE ? Color.TRANSPARENT : Color.web(palette.colour(ink)));
            }
            all.put(palette, own);
        }
        return all;
    }
}
