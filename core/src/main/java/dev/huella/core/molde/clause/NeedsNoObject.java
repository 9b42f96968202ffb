package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> needs no object} */
@AutoService(Clause.class)
public final class NeedsNoObject implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} needs no object";
    }

    @Override
    public String meaning() {
        return "It belongs to the type as a whole.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.isStatic()) {
                into.add(operation.place(), operation);
            }
        });
    }
}
