package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;

/** Calls of the language's own functions that make a container: of what they are given, or of the same elements. */
final class ContainerCalls {
    private final Body body;
    private final ValueResolver values;

    ContainerCalls(Body body, ValueResolver values) {
        this.body = body;
        this.values = values;
    }

    Flow made(Value.Call call, TypeUse expected) {
        if (call.arguments().size() == 1) {
            int before = body.deeds.size();
            Flow only = values.flow(call.arguments().getFirst());
            if (values.containers().isContainer(only.type())) {
                Flow same = values.containers().byName(call.name(), only, TypeUse.UNKNOWN);
                Flow made = same == null ? only : same;
                CodeType own = made.type().dimensions() > 0 ? null : made.type().type();
                return own == null || own.external()
                        ? made
                        : made.as(values.containers().element(only).type().array(1)); // none of its own kind
            }
            if (body.world.library.sameElements(call.name())) {
                return Flow.of(Origin.UNKNOWN, TypeUse.UNKNOWN.array(1)); // of what it gives when it is gone through
            }
            body.deeds.subList(before, body.deeds.size()).clear(); // read again as the one element
        }
        return values.flow(new Value.ArrayOf(null, call.arguments(), call.at()), expected, "");
    }
}
