package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.Operators;

/** {@code <operation> stands for a sign} */
@AutoService(Clause.class)
public final class StandsForASign implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} stands for a sign";
    }

    @Override
    public String meaning() {
        return "It says what an operator of the language does with objects of its type.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Operators.isOne(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
