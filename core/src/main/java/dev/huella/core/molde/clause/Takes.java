package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.molde.Clause;

/** {@code <operation> takes <type>} */
@AutoService(Clause.class)
public final class Takes implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} takes {type}";
    }

    @Override
    public String meaning() {
        return "One of its parameters is declared with that type.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            for (Operation operation : type.operations()) {
                for (Parameter parameter : operation.parameters()) {
                    CodeType taken = parameter.type().erased();
                    if (taken != null && parameter.type().dimensions() == 0) {
                        into.add(operation.place(), operation, taken);
                    }
                }
            }
        }
    }
}
