package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Signs between values are calls where the type of the first one says in the code base what they do. */
public final class Operators {
    private final Resolution world;
    private final CallResolver calls;

    Operators(Resolution world, CallResolver calls) {
        this.world = world;
        this.calls = calls;
    }

    /** What a value is computed from; what the code base's own signs make of parts stands for these parts. */
    List<Flow> parts(Value.Computed computed, ValueResolver values) {
        List<Flow> parts = new ArrayList<>();
        for (Value part : computed.parts()) {
            Flow next = values.flow(part);
            Flow meant = parts.size() == 1 ? of(computed, parts.getFirst(), List.of(part), List.of(next)) : null;
            if (meant == null) {
                parts.add(next);
            } else {
                parts.set(0, meant);
            }
        }
        return parts;
    }

    /** What all of it gives; null where signs that are not the code base's own are left. */
    Flow whole(Value.Computed computed, List<Flow> parts) {
        if (parts.size() != 1) {
            return null;
        }
        return computed.parts().size() > 1
                ? parts.getFirst()
                : of(computed, parts.getFirst(), List.of(), List.of());
    }

    /** True where a type of the code base can say what the sign does. */
    boolean canMean(String sign) {
        return world.library.names("operators").stream().anyMatch(row -> row.startsWith(sign + " "));
    }

    private Flow of(Value.Computed computed, Flow on, List<Value> given, List<Flow> plain) {
        Operation meant = find(on.type(), computed.sign(), world);
        if (meant == null || meant.parameters().size() != (meant.isStatic() ? given.size() + 1 : given.size())) {
            return null;
        }
        Value first = computed.parts().getFirst();
        if (!meant.isStatic()) {
            return calls.called(new Value.Call(first, meant.name(), given, computed.at()), meant, on, plain, true,
                    TypeUse.UNKNOWN);
        }
        List<Value> all = Stream.concat(Stream.of(first), given.stream()).toList();
        List<Flow> flows = Stream.concat(Stream.of(on), plain.stream()).toList();
        return calls.called(new Value.Call(first, meant.name(), all, computed.at()), meant,
                Flow.of(new Origin.OfType(meant.home()), TypeUse.of(meant.home())), flows, true, TypeUse.UNKNOWN);
    }

    /** The same call under the name that the code base's own type gives to its sign. */
    static Value.Call named(Value.Call call, Flow on, Resolution world) {
        if (on == null || call.name().isEmpty() || Character.isJavaIdentifierStart(call.name().charAt(0))) {
            return call;
        }
        Operation meant = find(on.type(), call.name(), world);
        return meant == null || meant.isStatic()
                ? call
                : new Value.Call(call.receiver(), meant.name(), call.arguments(), call.at());
    }

    /** True for operations that signs stand for. */
    public static boolean isOne(Operation operation) {
        return LibraryKnowledge.of(operation.home())
                .names("operators")
                .stream()
                .anyMatch(row -> row.substring(row.indexOf(' ') + 1).equals(operation.name()));
    }

    private static Operation find(TypeUse of, String sign, Resolution world) {
        CodeType type = of.dimensions() > 0 ? null : of.type();
        Set<String> table = world.library.names("operators");
        if (type == null || type.external() || table.isEmpty()) {
            return null;
        }
        return table.stream()
                .filter(row -> row.startsWith(sign + " "))
                .flatMap(row -> world.members.operations(type, row.substring(sign.length() + 1)).stream())
                .filter(operation -> !operation.home().external())
                .findFirst()
                .orElse(null);
    }
}
