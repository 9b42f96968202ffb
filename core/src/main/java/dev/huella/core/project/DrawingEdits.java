package dev.huella.core.project;

import dev.huella.core.drawing.Mark.Point;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What a person changed in one drawing. Sets and maps are in the order of their names, so that files differ only where
 * something changed.
 *
 * @param hidden ids of boxes left out
 * @param shown qualified names of types added
 * @param folded packages drawn as one box
 * @param moved where boxes were put, by their ids
 */
public record DrawingEdits(Set<String> hidden, Set<String> shown, Set<String> folded, Map<String, Point> moved) {
    public static final DrawingEdits NONE = new DrawingEdits(Set.of(), Set.of(), Set.of(), Map.of());

    public DrawingEdits {
        hidden = new TreeSet<>(hidden);
        shown = new TreeSet<>(shown);
        folded = new TreeSet<>(folded);
        moved = new TreeMap<>(moved);
    }

    public DrawingEdits hiding(String id) {
        var all = new TreeSet<>(hidden);
        all.add(id);
        var others = new TreeSet<>(shown);
        others.remove(id);
        return new DrawingEdits(all, others, folded, moved);
    }

    public DrawingEdits showing(Set<String> names) {
        var left = new TreeSet<>(hidden);
        left.removeAll(names);
        var all = new TreeSet<>(shown);
        all.addAll(names);
        return new DrawingEdits(left, all, folded, moved);
    }

    public DrawingEdits moving(String id, Point to) {
        var all = new TreeMap<>(moved);
        all.put(id, to);
        return new DrawingEdits(hidden, shown, folded, all);
    }

    @com.fasterxml.jackson.annotation.JsonIgnore
    public boolean isNothing() {
        return equals(NONE);
    }
}
