package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> gives only what it puts away} */
@AutoService(Clause.class)
public final class GivesWhatItPutsAway implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} gives only what it puts away";
    }

    @Override
    public String meaning() {
        return "The language makes its last value the result, which is what it has just kept, and nobody takes it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION && LastAnswers.isByChance(model, operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
