package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> hands out one of <field> by what it is given} */
@AutoService(Clause.class)
public final class HandsOutOneOfByKey implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out one of {field} by what it is given";
    }

    @Override
    public String meaning() {
        return "What it is handed decides which of those that the field keeps is returned.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> Fronts.pooled(operation)
                .forEach((field, at) -> into.add(at, operation, field)));
    }
}
