package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> only says a text} */
@AutoService(Clause.class)
public final class OnlySaysAText implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only says a text";
    }

    @Override
    public String meaning() {
        return "All it does is give back a text written in it, and it takes nothing.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Bodies.speaks(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
