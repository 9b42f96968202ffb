package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Functions and types that others hand to an object which keeps them in a table, with the place of each handing over.
 *
 * @param functions by the field that keeps the table
 * @param types by the field that keeps the table
 */
record Registered(Map<Field, Map<CodeType, SourceSpan>> functions, Map<Field, Map<CodeType, SourceSpan>> types) {
    static Registered in(Model model) {
        return model.derived(Registered.class, Registered::of);
    }

    private static Registered of(Model model) {
        Map<Origin.OfParameter, Field> doors = doors(model);
        var all = new Registered(new HashMap<>(), new HashMap<>());
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (int i = 0; calls.callee() != null && i < calls.arguments().size(); i++) {
                Field table = doors.get(new Origin.OfParameter(calls.callee(), i));
                if (table != null) {
                    all.note(table, calls.arguments().get(i), calls.at());
                }
            }
        });
        return all;
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

    /** Parameters that go into a table as they are. */
    private static Map<Origin.OfParameter, Field> doors(Model model) {
        Map<Origin.OfParameter, Field> doors = new HashMap<>();
        Kept.changes(model, (operation, table, value, at, change) -> {
            if (change == Kept.Change.ADD && value.first() instanceof Origin.OfParameter given
                    && given.operation() == operation) {
                doors.putIfAbsent(given, table);
            }
        });
        return doors;
    }
}
