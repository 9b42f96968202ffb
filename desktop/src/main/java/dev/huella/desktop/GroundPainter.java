package dev.huella.desktop;

import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Palette;
import dev.huella.core.model.CodeType;
import java.util.Map;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints plots and the marks in them, by the colours of day or night. */
final class GroundPainter {
    private static final double SQUARE_FOR_LINES = 600;
    private final GraphicsContext graphics;
    private final Palette palette;
    private final Set<CodeType> lit;
    private final Set<CodeType> broken;

    /** {@code lit}: what the focus is about. {@code broken}: what breaks an obligation. */
    GroundPainter(GraphicsContext graphics, Palette palette, Set<CodeType> lit, Set<CodeType> broken) {
        this.graphics = graphics;
        this.palette = palette;
        this.lit = lit;
        this.broken = broken;
    }

    private Color colour(Ink ink) {
        return Colours.of(palette, ink);
    }

    void plot(GroundMap.Plot plot, boolean focused) {
        graphics.setFill(colour(focused ? Ink.TINT : Ink.SHEET));
        graphics.fillRoundRect(plot.x(), GroundMap.TOP, plot.width(), GroundMap.HEIGHT, 6, 6);
        if (plot.width() > 4) {
            graphics.setStroke(colour(focused ? Ink.CLAY : Ink.LINE));
            graphics.strokeRoundRect(plot.x() + 0.5, GroundMap.TOP + 0.5, plot.width() - 1, GroundMap.HEIGHT - 1, 6, 6);
        }
        for (GroundMap.Spot spot : plot.spots()) {
            if (plot.bars()) {
                bar(spot);
            } else {
                square(spot);
            }
        }
        name(plot, focused);
    }

    /** As high as the code is long. */
    private void bar(GroundMap.Spot spot) {
        double height = Math.min(spot.height() - 6, 3 + Math.sqrt(lines(spot)) * 2.6);
        double top = spot.y() + spot.height() - height;
        graphics.setFill(any(spot, lit) ? colour(Ink.CLAY) : quiet());
        graphics.fillRect(spot.x(), top, Math.clamp(spot.width() - 1, 0.6, 7), height);
        if (any(spot, broken)) {
            graphics.setFill(colour(Ink.BROKEN));
            graphics.fillOval(spot.x(), top - 7, 4, 4);
        }
    }

    /** As large as the code is long; round where something is broken. */
    private void square(GroundMap.Spot spot) {
        double full = Math.min(1, 0.35 + Math.sqrt(lines(spot) / SQUARE_FOR_LINES));
        boolean bright = any(spot, lit);
        double side = Math.max(1, (bright ? 1 : full) * (spot.width() - 0.6));
        double x = spot.x() + (spot.width() - side) / 2;
        double y = spot.y() + (spot.height() - side) / 2;
        if (any(spot, broken)) {
            graphics.setFill(colour(bright ? Ink.CLAY : Ink.BROKEN));
            graphics.fillOval(x, y, side, side);
        } else {
            graphics.setFill(bright ? colour(Ink.CLAY) : quiet());
            graphics.fillRect(x, y, side, side);
        }
    }

    private Color quiet() {
        return colour(Ink.HINT).deriveColor(0, 1, 1, 0.55);
    }

    private static int lines(GroundMap.Spot spot) {
        return spot.types()
                .stream()
                .mapToInt(type -> type.place().endLine() - type.place().line() + 1)
                .max()
                .orElse(0);
    }

    private static boolean any(GroundMap.Spot spot, Set<CodeType> marked) {
        return spot.types().stream().anyMatch(marked::contains);
    }

    private void name(GroundMap.Plot plot, boolean focused) {
        String shown = shortened(plot.shortName(), plot.width() + plot.gap() - 6);
        if (!shown.isEmpty()) {
            graphics.setFill(colour(focused ? Ink.CLAY : Ink.SECOND));
            graphics.fillText(shown, plot.x() + 2, GroundMap.TOP + GroundMap.HEIGHT + 14);
        }
    }

    /** As much of a name as fits; empty when that would say nothing. */
    private static String shortened(String text, double width) {
        String shown = text;
        while (shown.length() > 2 && Fonts.width(shown, 11, false, false) > width) {
            shown = (shown.endsWith("…")
                    ? shown.substring(0, shown.length() - 2)
                    : shown.substring(0, shown.length() - 1))
                    + "…";
        }
        return shown.length() > 4 || shown.equals(text) && Fonts.width(text, 11, false, false) <= width ? shown : "";
    }

    /** The ground while files are read: a plot for each folder that grows with the types found in it. */
    void filling(Map<String, Integer> folders, double width) {
        double weights = folders.values().stream().mapToDouble(types -> 4 + types).sum();
        double each = Math.max(0, (width - 2 * GroundMap.SIDE - folders.size()) / weights);
        double x = GroundMap.SIDE;
        for (int types : folders.values()) {
            double wide = (4 + types) * each;
            graphics.setFill(colour(Ink.SHEET));
            graphics.fillRect(x, GroundMap.TOP, wide, GroundMap.HEIGHT);
            graphics.setFill(colour(Ink.LINE));
            double height = Math.min(GroundMap.HEIGHT - 8, 4 + Math.sqrt(types) * 4);
            graphics.fillRect(x + 1, GroundMap.TOP + GroundMap.HEIGHT - 4 - height, Math.max(0.5, wide - 2), height);
            x += wide + 1;
        }
    }

    /** The stretch that is being dragged over. */
    void stretch(double from, double to) {
        graphics.setStroke(colour(Ink.CLAY));
        graphics.strokeRect(Math.min(from, to), GroundMap.TOP - 3, Math.abs(to - from), GroundMap.HEIGHT + 6);
    }
}
