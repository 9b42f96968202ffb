package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> tells whether there is more} */
@AutoService(Clause.class)
public final class TellsWhetherThereIsMore implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} tells whether there is more";
    }

    @Override
    public String meaning() {
        return "It takes nothing, answers yes or no, and changes nothing, but to look for the next one where that is not at hand.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Stepping.tellsMore(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
