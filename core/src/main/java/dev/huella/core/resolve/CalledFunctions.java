package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.Objects;

/** Which operations run when a value is called as a function, and what they give. */
final class CalledFunctions {
    private final Body body;
    private final ValueResolver values;
    private final Overloads overloads;

    CalledFunctions(Body body, ValueResolver values, Overloads overloads) {
        this.body = body;
        this.values = values;
        this.overloads = overloads;
    }

    /** The one that its type promises, or one of those that it may be; none when nothing is known of it. */
    List<Operation> of(Flow function, Value.Call call) {
        CodeType type = Shapes.applied(function);
        Operation promised = type == null ? null : called(type, call);
        return promised != null
                ? List.of(promised)
                : function.origins()
                        .stream()
                        .map(CalledFunctions::written)
                        .filter(Objects::nonNull)
                        .toList();
    }

    /** The operation of a function written in place, or of one that lies in a list; null for other values. */
    private static Operation written(Origin origin) {
        return switch (origin) {
            case Origin.OfFunction(CodeType function) when !function.operations().isEmpty() ->
                function.operations().getFirst();
            case Origin.ElementOf(Origin.OfFunction function) -> written(function);
            default -> null;
        };
    }

    /** What all of them give in common, whichever is called. */
    TypeUse result(List<Operation> oneOf) {
        List<CodeType> kinds = oneOf.stream()
                .map(one -> one.returns().dimensions() > 0 ? null : one.returns().type())
                .distinct()
                .toList();
        CodeType common = kinds.size() < 2 || kinds.contains(null) ? null : body.world.supertypes.common(kinds);
        return common != null ? TypeUse.of(common) : oneOf.isEmpty() ? TypeUse.UNKNOWN : oneOf.getLast().returns();
    }

    private Operation called(CodeType type, Value.Call call) {
        if (type.kind() == TypeKind.FUNCTION || type.kind() == TypeKind.INTERFACE) {
            Operation single = body.world.members.single(type);
            if (single != null) {
                return single;
            }
        }
        if (type.external()) {
            return null;
        }
        for (String name : body.world.library.names("invokes")) {
            List<Operation> found = body.world.members.operations(type, name);
            if (!found.isEmpty()) {
                Operation known = found.size() == 1
                        ? null
                        : overloads
                                .choose(found, call.arguments(),
                                        call.arguments().stream().map(values::quietly).toList());
                return known == null ? found.getFirst() : known;
            }
        }
        return null;
    }
}
