package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> passes <operation> on to what was given} */
@AutoService(Clause.class)
public final class PassesOnToWhatWasGiven implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} passes {operation} on to what was given";
    }

    @Override
    public String meaning() {
        return "It calls the same operation on what the function around it was handed.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Passing.aroundFunctions(model, (operation, calls) -> {
            Passing.meant(operation, calls).forEach(target -> into.add(calls.at(), operation, target));
        });
    }
}
