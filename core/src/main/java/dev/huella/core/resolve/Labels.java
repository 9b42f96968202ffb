package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Arguments that name their parameter. */
final class Labels {
    private Labels() {}

    /** The type asked for by the parameter that an argument names, or by the one at its position. */
    static TypeUse parameterType(Operation callee, int position, Value written) {
        int named = written instanceof Value.Labelled labelled ? position(callee, labelled.name()) : -1;
        return named >= 0 ? callee.parameters().get(named).type() : Overloads.parameterType(callee, position);
    }

    /** The arguments in the order of the parameters; what no argument is given for is unknown. */
    static List<Flow> order(List<Value> written, List<Flow> given, Operation callee) {
        if (callee == null || written.stream().noneMatch(Value.Labelled.class::isInstance)) {
            return given;
        }
        List<Flow> ordered = new ArrayList<>(Collections.nCopies(Math.max(given.size(), callee.parameters().size()),
                Flow.UNKNOWN));
        for (int i = 0; i < given.size(); i++) {
            int named = written.get(i) instanceof Value.Labelled labelled ? position(callee, labelled.name()) : i;
            ordered.set(named < 0 ? i : named, given.get(i));
        }
        return ordered;
    }

    private static int position(Operation callee, String name) {
        for (int i = 0; i < callee.parameters().size(); i++) {
            if (callee.parameters().get(i).name().equals(name)) {
                return i;
            }
        }
        return -1;
    }
}
