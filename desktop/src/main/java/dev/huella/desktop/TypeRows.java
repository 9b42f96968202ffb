package dev.huella.desktop;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import dev.huella.core.project.DrawingMemory;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Predicate;

/** Types by package, by how many others depend on them; sets picked by hand before them. Made once for a model. */
final class TypeRows {
    private final Model model;
    private final Map<String, List<ListRow>> byPackage = new TreeMap<>();
    private final Map<ListRow, String> searched = new IdentityHashMap<>();
    private final int all;

    /** May take some time for a large model; not for the interface thread. */
    TypeRows(Model model) {
        this.model = model;
        Map<CodeType, Integer> dependents = new HashMap<>();
        for (Relation relation : model.relations()) {
            if (relation.kind() != Relation.Kind.NESTING) {
                dependents.merge(relation.to(), 1, Integer::sum);
            }
        }
        List<CodeType> types = model.declared()
                .stream()
                .filter(type -> type.kind() != TypeKind.FUNCTION && !type.anonymous())
                .sorted(Comparator.comparing((CodeType type) -> -dependents.getOrDefault(type, 0))
                        .thenComparing(CodeType::qualifiedName))
                .toList();
        for (CodeType type : types) {
            ListRow row = ListRow.of(type, dependents.getOrDefault(type, 0));
            byPackage.computeIfAbsent(type.namespace(), key -> new ArrayList<>()).add(row);
            searched.put(row, type.qualifiedName().toLowerCase(Locale.ROOT));
        }
        all = types.size();
    }

    int all() {
        return all;
    }

    /** Rows whose names hold a text in lower case, of packages that are wanted. */
    List<ListRow> rows(String text, DrawingMemory memory, Predicate<String> wanted) {
        List<ListRow> rows = new ArrayList<>();
        sets(memory, name -> name.toLowerCase(Locale.ROOT).contains(text), rows);
        byPackage.forEach((name, types) -> {
            if (!wanted.test(name)) {
                return;
            }
            List<ListRow> kept = text.isEmpty()
                    ? types
                    : types.stream().filter(row -> searched.get(row).contains(text)).toList();
            if (!kept.isEmpty()) {
                rows.add(ListRow.ofPackage(name, kept.size()));
                rows.addAll(kept);
            }
        });
        return rows;
    }

    private void sets(DrawingMemory memory, Predicate<String> kept, List<ListRow> rows) {
        List<ListRow> found = new ArrayList<>();
        memory.sets().forEach((name, types) -> {
            List<CodeType> there = types.stream().map(model::type).filter(Objects::nonNull).toList();
            if (kept.test(name) && !there.isEmpty()) {
                found.add(new ListRow(false, name, Words.count(there.size(), "type"), "", List.of(),
                        new Focus.OfSet(name, there), null));
            }
        });
        if (!found.isEmpty()) {
            rows.add(ListRow.heading("Sets picked by hand", found.size()));
            rows.addAll(found);
        }
    }
}
