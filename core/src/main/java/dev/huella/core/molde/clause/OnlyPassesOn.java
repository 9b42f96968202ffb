package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> only passes on} */
@AutoService(Clause.class)
public final class OnlyPassesOn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only passes on";
    }

    @Override
    public String meaning() {
        return "All it does is call the same operation on another object with the same values, and hand back what that gives.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Passing.only(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
