package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A type with what is next to it, or all types of one package. The closest and most telling neighbours come first. */
public final class NeighbourDiagram {
    private static final int MOST_NEIGHBOURS = 14;
    private static final int MOST_TYPES = 60;
    private static final int MOST_MEMBERS = 6;

    private NeighbourDiagram() {}

    /**
     * A type and its neighbours.
     *
     * @param distance how many relations away a type may be
     */
    public static ClassDiagram of(Model model, CodeType focus, int distance) {
        Map<CodeType, List<Relation>> near = new HashMap<>();
        for (Relation relation : model.relations()) {
            near.computeIfAbsent(relation.from(), key -> new ArrayList<>()).add(relation);
            near.computeIfAbsent(relation.to(), key -> new ArrayList<>()).add(relation);
        }
        Set<CodeType> shown = new LinkedHashSet<>(List.of(focus));
        Map<CodeType, Integer> hidden = new HashMap<>();
        List<CodeType> ring = List.of(focus);
        for (int step = 0; step < distance; step++) {
            List<CodeType> next = new ArrayList<>();
            for (CodeType at : ring) {
                grow(at, near, shown, hidden, next);
            }
            ring = next;
        }
        return diagram(model, focus.name(), shown, focus, hidden);
    }

    private static void grow(CodeType at, Map<CodeType, List<Relation>> near, Set<CodeType> shown,
            Map<CodeType, Integer> hidden, List<CodeType> next) {
        List<CodeType> others = near.getOrDefault(at, List.of())
                .stream()
                .sorted(java.util.Comparator.comparing(NeighbourDiagram::weight))
                .map(relation -> relation.from() == at ? relation.to() : relation.from())
                .distinct()
                .filter(other -> !shown.contains(other))
                .toList();
        for (CodeType other : others) {
            if (next.size() < MOST_NEIGHBOURS) {
                shown.add(other);
                next.add(other);
            } else {
                hidden.merge(at, 1, Integer::sum);
            }
        }
    }

    /** Inheritance and held parts first, then creation, then calls and mere mentions. */
    private static int weight(Relation relation) {
        return switch (relation.kind()) {
            case GENERALIZATION, REALIZATION -> 0;
            case COMPOSITION, AGGREGATION, ASSOCIATION -> 1;
            case DEPENDENCY -> relation.stereotype().equals("create") ? 2 : 3;
            case NESTING -> 4;
        };
    }

    /** All types of a package, as far as one drawing can show them. */
    public static ClassDiagram ofPackage(Model model, String namespace) {
        Set<CodeType> shown = new LinkedHashSet<>(model.declared()
                .stream()
                .filter(type -> type.namespace().equals(namespace) && type.kind() != TypeKind.FUNCTION
                        && !type.anonymous())
                .limit(MOST_TYPES)
                .toList());
        return diagram(model, namespace.isEmpty() ? "no package" : namespace, shown, null, Map.of());
    }

    /** All types of a model, as far as one drawing can show them. */
    public static ClassDiagram ofAll(Model model) {
        Set<CodeType> shown = new LinkedHashSet<>(model.declared()
                .stream()
                .filter(type -> type.kind() != TypeKind.FUNCTION && !type.anonymous())
                .limit(MOST_TYPES)
                .toList());
        return diagram(model, "All types", shown, null, Map.of());
    }

    private static ClassDiagram diagram(Model model, String title, Set<CodeType> shown, CodeType focus,
            Map<CodeType, Integer> hidden) {
        List<Box> boxes = new ArrayList<>();
        for (CodeType type : shown) {
            var contents = new BoxContents(Set.of(), Set.of(), type == focus ? MOST_MEMBERS * 2 : MOST_MEMBERS / 2);
            boxes.add(new Box(type, List.of(), BoxContents.stereotype(type), contents.fields(type),
                    contents.operations(type), type == focus, hidden.getOrDefault(type, 0)));
        }
        return new ClassDiagram(title, boxes, LinkChoice.between(model, shown, relation -> false));
    }
}
