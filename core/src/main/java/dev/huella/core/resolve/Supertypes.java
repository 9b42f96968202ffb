package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Questions about what is above a type. Answers are kept once supertypes are settled. */
final class Supertypes {
    private final Map<CodeType, Set<CodeType>> above = new ConcurrentHashMap<>();
    private final Set<CodeType> late = ConcurrentHashMap.newKeySet();
    private volatile boolean settled;

    /** From now on only what is found in bodies adds supertypes, and answers may be kept. */
    void settle(List<CodeType> types) {
        Set<CodeType> done = new HashSet<>();
        types.stream().filter(type -> !type.kind().promises()).forEach(type -> open(type, new LinkedHashSet<>(), done));
        types.forEach(type -> open(type, new LinkedHashSet<>(), done));
        settled = true;
    }

    /**
     * No type is above itself, even where a protocol is for subtypes of a class that keeps to it: what closes the circle,
     * the protocol's end where there is one, is left out.
     */
    private static void open(CodeType type, Set<CodeType> below, Set<CodeType> done) {
        if (done.contains(type)) {
            return;
        }
        below.add(type);
        if (type.supertypes().stream().anyMatch(use -> below.contains(use.type()))) {
            type.supertypes(type.supertypes().stream().filter(use -> !below.contains(use.type())).toList());
        }
        for (TypeUse use : type.supertypes()) {
            if (use.type() != null) {
                open(use.type(), below, done);
            }
        }
        below.remove(type);
        done.add(type);
    }

    /** All types above, nearest first, itself not among them. */
    Set<CodeType> above(CodeType type) {
        Set<CodeType> known = above.get(type);
        if (known == null) {
            known = collect(type);
            if (settled) {
                above.put(type, known);
            }
        }
        return known;
    }

    private static Set<CodeType> collect(CodeType type) {
        Set<CodeType> found = new LinkedHashSet<>();
        Deque<CodeType> open = new ArrayDeque<>(List.of(type));
        while (!open.isEmpty()) {
            for (TypeUse use : open.poll().supertypes()) {
                if (use.type() != null && use.type() != type && found.add(use.type())) {
                    open.add(use.type());
                }
            }
        }
        return Collections.unmodifiableSet(found);
    }

    /** True for types that gained a supertype after the heads were read. */
    boolean gained(CodeType type) {
        return late.contains(type);
    }

    /** One more supertype, found after the heads were read. */
    void add(CodeType type, TypeUse use) {
        synchronized (above) {
            List<TypeUse> all = new ArrayList<>(type.supertypes());
            boolean circle = use.type() != null && collect(use.type()).contains(type);
            if (!circle && all.stream().noneMatch(one -> one.type() == use.type())) {
                all.add(use);
                late.add(type);
                type.supertypes(all);
                above.clear();
            }
        }
    }

    /** Other supertypes in place of those found after the heads were read. */
    void replace(CodeType type, List<TypeUse> all) {
        synchronized (above) {
            late.add(type);
            type.supertypes(all);
            above.clear();
        }
    }

    /** The nearest type of the sources that all of them are; null when there is none. */
    CodeType common(List<CodeType> types) {
        if (types.isEmpty()) {
            return null;
        }
        List<CodeType> shared = new ArrayList<>(List.of(types.getFirst()));
        shared.addAll(above(types.getFirst()));
        return shared.stream()
                .filter(one -> !one.external() || types.size() == 1)
                .filter(one -> types.stream().allMatch(type -> isA(type, one)))
                .findFirst()
                .orElse(null);
    }

    boolean isA(CodeType type, CodeType other) {
        return type == other || above(type).contains(other);
    }

    /** What a use's arguments bind the type's variables to. */
    static Map<TypeVariable, TypeUse> bindings(TypeUse use) {
        List<TypeVariable> variables = use.type() == null ? List.of() : use.type().variables();
        if (variables.isEmpty() || use.arguments().isEmpty()) {
            return Map.of();
        }
        Map<TypeVariable, TypeUse> bindings = new HashMap<>();
        for (int i = 0; i < Math.min(variables.size(), use.arguments().size()); i++) {
            bindings.put(variables.get(i), use.arguments().get(i));
        }
        return bindings;
    }

    /** The use seen as a supertype, arguments carried along; null when it is none. */
    TypeUse as(TypeUse use, CodeType target) {
        if (use.type() == null || !isA(use.type(), target)) {
            return null;
        }
        if (use.type() == target) {
            return use;
        }
        Map<TypeVariable, TypeUse> bindings = bindings(use);
        for (TypeUse direct : use.type().supertypes()) {
            TypeUse found = direct.type() == null || direct.type() == use.type()
                    ? null
                    : as(direct.substitute(bindings), target);
            if (found != null) {
                return found;
            }
        }
        return null;
    }
}
