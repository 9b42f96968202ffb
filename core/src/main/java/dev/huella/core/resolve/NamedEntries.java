package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What lies under which name in a field that keeps several objects written out with their names. What one reading of the bodies
 * finds is known from the next one on, so that it does not matter which body is read first.
 */
final class NamedEntries {
    private final Map<Field, Map<String, TypeUse>> found = new ConcurrentHashMap<>();
    private final Map<Field, Map<String, TypeUse>> known = new HashMap<>();

    /** What a field is given; only what is written out with names tells something. */
    void put(Field field, Value given, ValueResolver values) {
        Value written = given instanceof Value.Cast cast ? cast.value() : given;
        if (!(written instanceof Value.ArrayOf list)) {
            return;
        }
        for (Value part : list.elements()) {
            if (part instanceof Value.Labelled(String name, Value value, var _) && !Arguments.isFunction(value)) {
                TypeUse type = values.quietly(value).type();
                if (type.type() != null && !type.type().external()) {
                    found.computeIfAbsent(field, one -> new ConcurrentHashMap<>())
                            .merge(name, type, (one, other) -> one.type() == other.type() ? one : TypeUse.UNKNOWN);
                }
            }
        }
    }

    /** True when there is more to know than before. Called between readings. */
    boolean settle() {
        boolean more = false;
        for (Map.Entry<Field, Map<String, TypeUse>> entry : found.entrySet()) {
            more |= !entry.getValue().equals(known.put(entry.getKey(), Map.copyOf(entry.getValue())));
        }
        return more;
    }

    /** What lies under a name in what a field keeps; null where that is not known. */
    Flow get(Flow of, String name) {
        TypeUse type = of.first() instanceof Origin.OfField(Field field, boolean _)
                ? known.getOrDefault(field, Map.of()).get(name)
                : null;
        return type == null || type.isUnknown() ? null : Flow.of(new Origin.ElementOf(of.first()), type);
    }
}
