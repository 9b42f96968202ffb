package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The class diagram of a scope, as a person wants it. The closest and most telling neighbours come first. */
public final class ScopeDiagram {
    private static final int MOST_NEIGHBOURS = 14;
    private static final int MOST_TYPES = 3_000;
    /** Above so many types, lines of all kinds would hide each other. */
    private static final int CROWDED = 600;
    /** Above so many types, boxes say less. */
    private static final int MANY = 24;
    /** Above so many types, a person who wants no more than some sees names and the stronger lines. */
    private static final int CALM = 12;
    private static final int MOST_MEMBERS = 40;
    private final Model model;
    private final View view;
    private final Map<CodeType, List<Relation>> near = new HashMap<>();
    private final Map<CodeType, Integer> hidden = new HashMap<>();
    private Set<CodeType> outermost = Set.of();

    private ScopeDiagram(Model model, View view) {
        this.model = model;
        this.view = view;
        for (Relation relation : model.relations()) {
            if (view.along().contains(Reach.of(relation)) && relation.from() != relation.to()
                    && !LinkChoice.isWrittenInPlace(relation)) {
                near.computeIfAbsent(relation.from(), key -> new ArrayList<>()).add(relation);
                near.computeIfAbsent(relation.to(), key -> new ArrayList<>()).add(relation);
            }
        }
    }

    public static ClassDiagram of(Model model, Scope scope, View view) {
        return new ScopeDiagram(model, view).diagram(scope);
    }

    /** Who creates whom over a scope, by names only; types that take no part are left out. */
    public static ClassDiagram creation(Model model, Scope scope, View view) {
        ClassDiagram all = of(model, scope, view.along(Set.of(Reach.CREATION)).with(Detail.NAMES));
        Set<String> linked = all.links()
                .stream()
                .flatMap(link -> java.util.stream.Stream.of(link.from(), link.to()))
                .collect(Collectors.toSet());
        return new ClassDiagram(all.title(),
                all.boxes().stream().filter(box -> linked.contains(box.id()) || box.focus()).toList(), all.links(),
                all.note());
    }

    private ClassDiagram diagram(Scope scope) {
        CodeType focus = scope instanceof Scope.Around(CodeType centre, int _) ? centre : null;
        Set<CodeType> whole = types(scope);
        var folding = new Folding(view, whole);
        boolean named = scope instanceof Scope.Around || scope instanceof Scope.Picked;
        var crowd = new Crowd(model, whole.stream().filter(type -> !folding.holds(type)).toList(),
                named ? view.atMost(Integer.MAX_VALUE) : view, named ? Integer.MAX_VALUE : MOST_TYPES);
        Set<CodeType> shown = crowd.closest();
        view.shown().stream().map(model::type).filter(type -> type != null).forEach(shown::add);
        boolean calm = crowd.chosen() && shown.size() > CALM;
        Detail detail = calm ? Detail.NAMES : view.detail();
        int most = detail.level() == Detail.Level.ALL ? MOST_MEMBERS : shown.size() > MANY ? 3 : 6;
        var boxes = new Boxes(view.framed());
        for (CodeType type : shown) {
            if (!view.hidden().contains(type.qualifiedName())) {
                boolean first = type == focus;
                var contents = new BoxContents(Set.of(), Set.of(), first ? view.detail().ofFocus() : detail,
                        first ? Math.max(12, most) : most);
                boxes.add(type, List.of(), first ? Look.FOCUS : Look.PLAIN, hidden(type, shown), contents);
            }
        }
        boolean crowded = boxes.types().size() > CROWDED && view.along().contains(Reach.INHERITANCE);
        Set<Reach> along = crowded ? Set.of(Reach.INHERITANCE) : calm ? withoutUse() : view.along();
        String note = crowded
                ? "With more than %,d types, only inheritance is drawn.".formatted(CROWDED)
                : crowd.note() + (calm ? " Names only, and no lines for what is merely used." : "");
        var open = withoutSideTalk(scope, new ClassDiagram(title(scope), boxes.all(),
                LinkChoice.between(model, boxes, along, relation -> false), note.strip()), boxes);
        return folding.added(open, boxes, model);
    }

    private Set<Reach> withoutUse() {
        return view.along().stream().filter(reach -> reach != Reach.USE).collect(Collectors.toSet());
    }

    /** Of the outermost neighbours of a type, what they merely use of each other is not what the diagram is about. */
    private ClassDiagram withoutSideTalk(Scope scope, ClassDiagram whole, Boxes boxes) {
        if (!(scope instanceof Scope.Around)) {
            return whole;
        }
        Set<String> outer = outermost.stream().map(boxes::id).collect(Collectors.toSet());
        return new ClassDiagram(whole.title(), whole.boxes(), whole.links()
                .stream()
                .filter(link -> link.ending() != Ending.DEPENDENCY || !outer.contains(link.from())
                        || !outer.contains(link.to()))
                .toList(), whole.note());
    }

    private static String title(Scope scope) {
        return switch (scope) {
            case Scope.Around(CodeType centre, int _) -> centre.name();
            case Scope.OfPackage(String name) -> name.isEmpty() ? "no package" : name;
            case Scope.Picked(String name, List<CodeType> _) -> name;
            case Scope.Everything() -> "All types";
        };
    }

    private Set<CodeType> types(Scope scope) {
        return switch (scope) {
            case Scope.Around(CodeType centre, int distance) -> around(centre, distance);
            case Scope.OfPackage(String name) -> declared(name);
            case Scope.Picked(String _, List<CodeType> types) -> new LinkedHashSet<>(types);
            case Scope.Everything() -> declared(null);
        };
    }

    /** Null for all packages. */
    private Set<CodeType> declared(String namespace) {
        return model.declared()
                .stream()
                .filter(type -> type.kind() != TypeKind.FUNCTION && !type.anonymous())
                .filter(type -> namespace == null || type.namespace().equals(namespace)
                        || !namespace.isEmpty() && type.namespace().startsWith(namespace + "."))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Set<CodeType> around(CodeType focus, int distance) {
        Set<CodeType> shown = new LinkedHashSet<>(List.of(focus));
        List<CodeType> ring = List.of(focus);
        for (int step = 0; step < distance; step++) {
            List<CodeType> next = new ArrayList<>();
            for (CodeType at : ring) {
                grow(at, shown, next);
            }
            ring = next;
        }
        outermost = Set.copyOf(ring);
        return shown;
    }

    private void grow(CodeType at, Set<CodeType> shown, List<CodeType> next) {
        List<CodeType> others = near.getOrDefault(at, List.of())
                .stream()
                .sorted(Comparator.comparing((Relation relation) -> Reach.of(relation).ordinal()))
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

    /** How many neighbours a person hid or that found no room. */
    private int hidden(CodeType type, Set<CodeType> shown) {
        if (view.hidden().isEmpty()) {
            return hidden.getOrDefault(type, 0);
        }
        long taken = near.getOrDefault(type, List.of())
                .stream()
                .map(relation -> relation.from() == type ? relation.to() : relation.from())
                .distinct()
                .filter(other -> shown.contains(other) && view.hidden().contains(other.qualifiedName()))
                .count();
        return hidden.getOrDefault(type, 0) + (int) taken;
    }
}
