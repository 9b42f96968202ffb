package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> does nothing} */
@AutoService(Clause.class)
public final class DoesNothing implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} does nothing";
    }

    @Override
    public String meaning() {
        return "Its body is empty.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Bodies.empty(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
