package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Functions and types that others hand to an object which keeps them, most often in a table, with the place of each handing over.
 *
 * @param functions by the field that keeps them
 * @param types by the field that keeps them
 */
record Registered(Map<Field, Map<CodeType, SourceSpan>> functions, Map<Field, Map<CodeType, SourceSpan>> types) {
    static Registered in(Model model) {
        return model.derived(Registered.class, Registered::of);
    }

    private static Registered of(Model model) {
        Map<Origin.OfParameter, Field> doors = doors(model);
        var all = new Registered(new HashMap<>(), new HashMap<>());
        Deeds.each(model, Deed.Calls.class,
                (operation, calls) -> all.given(calls.callee(), calls.arguments(), calls.at(), doors));
        Deeds.each(model, Deed.Creates.class,
                (operation, creates) -> all.given(creates.constructor(), creates.arguments(), creates.at(), doors));
        return all;
    }

    private void given(Operation callee, List<Flow> arguments, SourceSpan at, Map<Origin.OfParameter, Field> doors) {
        for (int i = 0; callee != null && i < arguments.size(); i++) {
            Field kept = doors.get(new Origin.OfParameter(callee, i));
            if (kept != null) {
                note(kept, arguments.get(i), at);
            }
        }
    }

    private void note(Field table, Flow given, SourceSpan at) {
        for (Origin origin : given.origins()) {
            if (origin instanceof Origin.OfFunction function) {
                functions.computeIfAbsent(table, key -> new LinkedHashMap<>()).putIfAbsent(function.function(), at);
            } else if (origin instanceof Origin.OfType(CodeType type)) {
                types.computeIfAbsent(table, key -> new LinkedHashMap<>()).putIfAbsent(type, at);
            }
        }
    }

    /** Parameters that go into a table as they are, or into a field. */
    private static Map<Origin.OfParameter, Field> doors(Model model) {
        Map<Origin.OfParameter, Field> doors = new HashMap<>();
        Kept.changes(model, (operation, table, value, at, change) -> {
            if (change == Kept.Change.ADD && value.first() instanceof Origin.OfParameter given
                    && given.operation() == operation) {
                doors.putIfAbsent(given, table);
            }
        });
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own() && sets.value().first() instanceof Origin.OfParameter given
                    && given.operation() == operation) {
                doors.putIfAbsent(given, sets.field());
            }
        });
        return doors;
    }
}
