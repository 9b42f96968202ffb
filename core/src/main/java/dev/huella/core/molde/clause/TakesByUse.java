package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.molde.Clause;

/** {@code <operation> takes <type> without saying so} */
@AutoService(Clause.class)
public final class TakesByUse implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} takes {type} without saying so";
    }

    @Override
    public String meaning() {
        return "One of its parameters has no type written, and is given one of that type or used as one.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            for (Parameter parameter : operation.parameters()) {
                CodeType taken = parameter.type().erased();
                if (taken != null && parameter.inferred() && parameter.type().dimensions() == 0) {
                    into.add(operation.place(), operation, taken);
                }
            }
        });
    }
}
