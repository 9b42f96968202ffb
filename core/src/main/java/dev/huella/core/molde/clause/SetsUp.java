package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> sets up its object} */
@AutoService(Clause.class)
public final class SetsUp implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets up its object";
    }

    @Override
    public String meaning() {
        return "A constructor or an initialiser.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.kind() != Kind.OPERATION) {
                into.add(operation.place(), operation);
            }
        });
    }
}
