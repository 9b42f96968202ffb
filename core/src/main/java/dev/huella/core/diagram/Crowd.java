package dev.huella.core.diagram;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Types of a scope that may be too many for one diagram: the ones with most ties to the others stand for all. */
final class Crowd {
    private final Model model;
    private final List<CodeType> all;
    private final View view;
    private final int most;

    /** {@code most}: how many may be shown at all, whatever the person asks for. */
    Crowd(Model model, List<CodeType> all, View view, int most) {
        this.model = model;
        this.all = all;
        this.view = view;
        this.most = Math.min(view.most(), most);
    }

    /** As many as may be shown, in the order in which they came. */
    Set<CodeType> closest() {
        if (all.size() <= most) {
            return new LinkedHashSet<>(all);
        }
        Map<CodeType, Set<CodeType>> ties = ties();
        Set<CodeType> chosen = all.stream()
                .sorted(Comparator.comparingInt((CodeType type) -> ties.getOrDefault(type, Set.of()).size())
                        .reversed())
                .limit(most)
                .collect(Collectors.toSet());
        return all.stream().filter(chosen::contains).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Map<CodeType, Set<CodeType>> ties() {
        Set<CodeType> inside = new HashSet<>(all);
        Map<CodeType, Set<CodeType>> ties = new HashMap<>();
        for (Relation relation : model.relations()) {
            if (relation.kind() != Relation.Kind.NESTING && relation.from() != relation.to()
                    && view.along().contains(Reach.of(relation)) && inside.contains(relation.from())
                    && inside.contains(relation.to())) {
                ties.computeIfAbsent(relation.from(), key -> new HashSet<>()).add(relation.to());
                ties.computeIfAbsent(relation.to(), key -> new HashSet<>()).add(relation.from());
            }
        }
        return ties;
    }

    /** True where the person asks for no more than some types: they want to see it at a glance. */
    boolean chosen() {
        return view.most() != Integer.MAX_VALUE;
    }

    /** What is left out; empty when nothing is. */
    String note() {
        return all.size() <= most
                ? ""
                : "%,d of %,d types: those with the most ties to the others.".formatted(most, all.size());
    }
}
