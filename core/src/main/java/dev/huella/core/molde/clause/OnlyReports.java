package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> only reports} */
@AutoService(Clause.class)
public final class OnlyReports implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only reports";
    }

    @Override
    public String meaning() {
        return "All it does is give back a field, or a constant that is no text, and it takes nothing.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Bodies.onlyReports(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
