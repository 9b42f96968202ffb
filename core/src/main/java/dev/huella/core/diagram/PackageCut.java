package dev.huella.core.diagram;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeMap;

/**
 * Divides packages into so few groups that all can be shown side by side: from the outermost inwards, the one with the
 * most types is divided first.
 */
public final class PackageCut {
    private final Map<String, Knot> knots = new TreeMap<>();
    private final List<Knot> outermost = new ArrayList<>();

    /** A package, with those right inside it. */
    private static final class Knot {
        private final String name;
        private final Map<String, Knot> inside = new TreeMap<>();
        private int own;
        private int all;

        Knot(String name) {
            this.name = name;
        }

        /** What stands in its place when it is divided: its own types, where it has any, and what is right inside. */
        int parts() {
            return inside.size() + (own > 0 ? 1 : 0);
        }
    }

    private PackageCut(Map<String, Integer> types) {
        types.forEach((name, count) -> {
            Knot knot = knot(name);
            knot.own += count;
            for (Knot at = knot; at != null; at = above(at)) {
                at.all += count;
            }
        });
    }

    /**
     * Names of groups, each with the packages in it, both in order. A group of several is called as the package that
     * they are in with {@link View#WITH_ALL_INSIDE} behind it.
     *
     * @param types how many types each package has
     * @param most how many groups there may be; more only where more packages than that stand in no other
     */
    public static Map<String, List<String>> of(Map<String, Integer> types, int most) {
        return new PackageCut(types).groups(types, most);
    }

    private Knot knot(String name) {
        Knot known = knots.get(name);
        if (known != null) {
            return known;
        }
        var knot = new Knot(name);
        knots.put(name, knot);
        Knot above = name.contains(".") ? knot(outer(name)) : null;
        if (above == null) {
            outermost.add(knot);
        } else {
            above.inside.put(name, knot);
        }
        return knot;
    }

    private Knot above(Knot knot) {
        return knot.name.contains(".") ? knots.get(outer(knot.name)) : null;
    }

    private static String outer(String name) {
        return name.substring(0, name.lastIndexOf('.'));
    }

    private Map<String, List<String>> groups(Map<String, Integer> types, int most) {
        var largest = new PriorityQueue<Knot>((one, two) -> one.all != two.all
                ? Integer.compare(two.all, one.all)
                : one.name.compareTo(two.name));
        largest.addAll(outermost);
        int count = outermost.size();
        Set<String> divided = new HashSet<>();
        while (!largest.isEmpty()) {
            Knot knot = largest.poll();
            if (!knot.inside.isEmpty() && count - 1 + knot.parts() <= most) {
                count += knot.parts() - 1;
                divided.add(knot.name);
                largest.addAll(knot.inside.values());
            }
        }
        Map<String, List<String>> groups = new LinkedHashMap<>();
        for (String name : new TreeMap<>(types).keySet()) {
            groups.computeIfAbsent(group(name, divided), key -> new ArrayList<>()).add(name);
        }
        return groups;
    }

    /** The outermost package around one that was not divided; its own name where all around it were. */
    private String group(String name, Set<String> divided) {
        String group = name;
        for (Knot at = knots.get(name); at != null; at = above(at)) {
            if (!divided.contains(at.name)) {
                group = at.inside.isEmpty() ? at.name : at.name + View.WITH_ALL_INSIDE;
            }
        }
        return group;
    }
}
