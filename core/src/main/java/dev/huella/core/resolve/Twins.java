package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Types of one qualified name that differ in how many type parameters they have, where a language tells them apart by that. */
final class Twins {
    private final Map<String, List<Twin>> byName = new HashMap<>();

    private record Twin(CodeType type, int parameters) {}

    void add(CodeType type, int parameters) {
        byName.computeIfAbsent(type.qualifiedName(), name -> new ArrayList<>(1)).add(new Twin(type, parameters));
    }

    /** The one with so many parameters that stands where the given one does; that one itself when there is none. */
    CodeType of(CodeType type, int parameters) {
        List<Twin> twins = byName.isEmpty() ? List.of() : byName.getOrDefault(type.qualifiedName(), List.of());
        CodeType found = twins.size() < 2 ? null : exactly(type.qualifiedName(), type.outer(), parameters);
        return found == null ? type : found;
    }

    /** The one with so many parameters, within {@code outer}; null when there is none. */
    CodeType exactly(String qualifiedName, CodeType outer, int parameters) {
        for (Twin twin : byName.getOrDefault(qualifiedName, List.of())) {
            if (twin.parameters == parameters && twin.type.outer() == outer) {
                return twin.type;
            }
        }
        return null;
    }
}
