package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Relation.Kind;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Whether a holder owns what it holds. Composition: it makes every part itself and hands none out. Aggregation: it
 * gathers many that it is given, and some other type holds such a part as well. Anything else is an association.
 */
final class Ownership {
    /** Marks of types, also behind another name for them, whose objects others may hold as well. */
    private static final Pattern SHARED = Pattern.compile("\\*|\\b(?:shared|weak)_ptr\\b");
    private final LibraryKnowledge library;
    private final Map<Field, Uses> uses = new IdentityHashMap<>();
    private final Map<CodeType, Set<CodeType>> holders = new HashMap<>();

    Ownership(List<CodeType> types, LibraryKnowledge library) {
        this.library = library;
        for (CodeType type : types) {
            for (Field field : type.fields()) {
                CodeType part = field.held().type().erased();
                if (part != null) {
                    holders.computeIfAbsent(part, key -> new HashSet<>()).add(type);
                }
            }
            type.operations().forEach(this::collect);
        }
    }

    /** What was seen done with one field. */
    private static final class Uses {
        private boolean made;
        private boolean given;
        private boolean elsewhere;
        private boolean handedOut;
    }

    Kind kind(Field field) {
        Uses seen = uses.get(field);
        CodeType part = field.held().type().erased();
        boolean value = part != null && part.kind() == TypeKind.STRUCT
                && library.rule(Rule.STRUCTS_ARE_VALUES);
        boolean owned = field.modifiers().has(Mark.OWNED) && !SHARED.matcher(field.type().text()).find();
        if (owned || value && !field.isStatic()) {
            return Kind.COMPOSITION;
        }
        if (seen == null || field.isStatic()) {
            return Kind.ASSOCIATION;
        }
        if (seen.made && !seen.given && !seen.elsewhere && !seen.handedOut) {
            return Kind.COMPOSITION;
        }
        boolean shared = holders.getOrDefault(field.held().type().erased(), Set.of()).size() > 1;
        boolean gathers = field.held().many() == Multiplicity.MANY;
        return gathers && seen.given && !seen.made && shared ? Kind.AGGREGATION : Kind.ASSOCIATION;
    }

    private void collect(Operation operation) {
        for (Deed deed : operation.deeds()) {
            switch (deed) {
                case Deed.Sets sets -> into(sets.field(), sets.value(), sets.field().held().container() != null
                        || sets.field().type().dimensions() > 0);
                case Deed.Calls calls -> call(calls);
                case Deed.Stores stores -> stores.container().origins().forEach(origin -> {
                    if (origin instanceof Origin.OfField(Field field, boolean _)) {
                        into(field, stores.value(), false);
                    }
                });
                case Deed.Returns returns when returns.value() != null -> handOut(returns.value());
                case Deed.Creates creates -> creates.arguments().forEach(this::handOut);
                default -> {
                    // nothing else puts in or hands out
                }
            }
        }
    }

    private void call(Deed.Calls calls) {
        if (library.adds(calls.name()) && !calls.arguments().isEmpty()) {
            for (Origin origin : calls.receiver().origins()) {
                if (origin instanceof Origin.OfField(Field field, boolean _)) {
                    into(field, calls.arguments().getLast(), false);
                }
            }
        }
        calls.arguments().forEach(this::handOut);
    }

    private void into(Field field, Flow value, boolean container) {
        Uses seen = uses.computeIfAbsent(field, key -> new Uses());
        for (Origin origin : value.origins()) {
            switch (origin) {
                case Origin.Fresh _ -> seen.made |= !container;
                case Origin.OfParameter _ -> seen.given = true;
                case Origin.Constant _ -> {
                    // absence is neither made nor given
                }
                default -> seen.elsewhere |= !container;
            }
        }
    }

    private void handOut(Flow value) {
        for (Origin origin : value.origins()) {
            Origin inner = origin;
            while (inner instanceof Origin.ElementOf(Origin container)) {
                inner = container;
            }
            if (inner instanceof Origin.OfField(Field field, boolean _)) {
                uses.computeIfAbsent(field, key -> new Uses()).handedOut = true;
            }
        }
    }
}
