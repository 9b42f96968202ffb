package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> gives only a neutral value} */
@AutoService(Clause.class)
public final class GivesOnlyANeutralValue implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} gives only a neutral value";
    }

    @Override
    public String meaning() {
        return "All it does is return nothing at all: null, zero, false or an empty text.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Neutral.givesNothing(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
