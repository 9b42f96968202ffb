package dev.huella.core.drawing;

import java.util.EnumMap;
import java.util.Map;

/** Colours as {@code #RRGGBB}, for day and for night. */
public enum Palette {
    LIGHT("#F4EFE6", "#FBF9F5", "#DAD2C3", "#2A2825", "#6C665C", "#7C7569", "#B5522B", "#F3DDD0", "#5C7A4A", "#8E2140",
            "#6E7C88"), DARK("#1E1B18", "#262320", "#45403A", "#ECE6DB", "#B5AC9E", "#938A7D", "#E08A5F", "#4A3226",
                    "#9DBB88", "#E0758F", "#9FB0BD");

    private final Map<Ink, String> colours = new EnumMap<>(Ink.class);

    Palette(String... inOrder) {
        for (int i = 0; i < inOrder.length; i++) {
            colours.put(Ink.values()[i], inOrder[i]);
        }
        colours.put(Ink.NONE, "none");
    }

    public String colour(Ink ink) {
        return colours.get(ink);
    }
}
