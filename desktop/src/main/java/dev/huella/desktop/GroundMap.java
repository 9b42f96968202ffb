package dev.huella.desktop;

import dev.huella.core.diagram.PackageCut;
import dev.huella.core.diagram.View;
import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Where packages and types lie on the ground. Each package is a plot; where that would make too many, packages are put
 * together. In a plot with room the types stand side by side as bars, otherwise they lie in columns as squares.
 *
 * @param plots from left to right
 */
record GroundMap(List<Plot> plots) {
    static final GroundMap EMPTY = new GroundMap(List.of());
    static final double TOP = 8;
    static final double HEIGHT = 46;
    static final double SIDE = 12;
    /** Edge of a plot in which nothing stands. */
    private static final double EDGE = 4;
    private static final double NARROWEST = 14;
    private static final double BAR = 2;
    /** The smallest square that can be told from its neighbour. */
    private static final double SQUARE = 2.4;

    GroundMap {
        plots = List.copyOf(plots);
    }

    /**
     * One package, or several that are in one.
     *
     * @param name of the package that all are in
     * @param shortName its last part, with the one before where another plot ends alike
     * @param types in the order of their packages
     * @param bars the types stand side by side
     * @param spots all stretches that are painted as one mark, each with its types
     */
    record Plot(String name, String shortName, List<String> packages, List<CodeType> types, double x, double width,
            boolean bars, List<Spot> spots) {
        Plot {
            packages = List.copyOf(packages);
            types = List.copyOf(types);
            spots = List.copyOf(spots);
        }

        static Plot of(String name, String shortName, List<String> packages, List<CodeType> types, double x,
                double width) {
            double step = (width - 2 * EDGE) / types.size();
            boolean bars = step >= BAR || types.size() == 1;
            return new Plot(name, shortName, packages, types, x, width, bars,
                    bars ? side(types, x + EDGE, step) : rows(types, x + EDGE / 2, width - EDGE));
        }

        double gap() {
            return width / 6 > 6 ? 6 : 2;
        }

        private static List<Spot> side(List<CodeType> types, double left, double step) {
            List<Spot> spots = new ArrayList<>();
            for (int at = 0; at < types.size(); at++) {
                spots.add(new Spot(types.subList(at, at + 1), left + at * step, TOP + EDGE, Math.max(1, step),
                        HEIGHT - 2 * EDGE));
            }
            return spots;
        }

        /** Column by column; where there are more types than squares, several share one. */
        private static List<Spot> rows(List<CodeType> types, double left, double width) {
            double high = HEIGHT - 2 * EDGE;
            double square = Math.clamp(Math.sqrt(width * high / types.size()), SQUARE, 9);
            int columns = (int) Math.max(1, width / square);
            int rows = (int) Math.max(1, high / square);
            int places = columns * rows;
            double side = Math.min(width / columns, high / rows);
            List<Spot> spots = new ArrayList<>();
            for (int at = 0; at < Math.min(places, types.size()); at++) {
                int from = types.size() <= places ? at : (int) ((long) at * types.size() / places);
                int to = types.size() <= places ? at + 1 : (int) ((at + 1L) * types.size() / places);
                spots.add(new Spot(types.subList(from, Math.max(from + 1, to)), left + at / rows * side,
                        TOP + EDGE + at % rows * side, side, side));
            }
            return spots;
        }
    }

    /** A stretch of a plot and what it stands for. */
    record Spot(List<CodeType> types, double x, double y, double width, double height) {
        boolean holds(double atX, double atY) {
            return atX >= x && atX < x + width && atY >= y && atY < y + height;
        }
    }

    /** {@code width}: of the whole strip, in pixels. */
    static GroundMap of(Map<String, List<CodeType>> packages, double width) {
        if (packages.isEmpty()) {
            return EMPTY;
        }
        double room = Math.max(60, width - 2 * SIDE);
        Map<String, Integer> counts = new HashMap<>();
        packages.forEach((name, types) -> counts.put(name, types.size()));
        Map<String, List<String>> groups = PackageCut.of(counts, (int) (room / (NARROWEST + 10)));
        double gap = groups.size() > 30 ? 2 : 6;
        double left = Math.max(groups.size() * 2.0, room - gap * (groups.size() - 1));
        int types = counts.values().stream().mapToInt(count -> count).sum();
        double narrowest = Math.min(NARROWEST, left / groups.size() / 2);
        double share = Math.max(4, narrowest * types / (left - narrowest * groups.size())); // as if each had more types
        double each = left / (types + share * groups.size());
        List<Plot> plots = new ArrayList<>();
        List<String> names = groups.keySet().stream().map(GroundMap::name).toList();
        double x = SIDE;
        for (var group : groups.entrySet()) {
            List<CodeType> inside = new ArrayList<>();
            group.getValue().forEach(name -> inside.addAll(packages.get(name)));
            double wide = (inside.size() + share) * each;
            String name = name(group.getKey());
            plots.add(Plot.of(name, shortName(name, names), group.getValue(), List.copyOf(inside), x, wide));
            x += wide + gap;
        }
        return new GroundMap(plots);
    }

    private static String name(String group) {
        return group.endsWith(View.WITH_ALL_INSIDE)
                ? group.substring(0, group.length() - View.WITH_ALL_INSIDE.length())
                : group;
    }

    private static String shortName(String name, List<String> names) {
        int dot = name.lastIndexOf('.');
        String last = name.substring(dot + 1);
        boolean alone = names.stream()
                .filter(other -> last.equals(other.substring(other.lastIndexOf('.') + 1)))
                .count() < 2;
        if (last.isEmpty()) {
            return "no package";
        }
        return dot < 0 || alone ? last : name.substring(name.lastIndexOf('.', dot - 1) + 1);
    }

    /** Null where there is none. */
    Plot plotAt(double x) {
        return plots.stream().filter(plot -> x >= plot.x && x <= plot.x + plot.width).findFirst().orElse(null);
    }
}
