package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> goes over a copy of <field>} */
@AutoService(Clause.class)
public final class GoesOverACopy implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} goes over a copy of {field}";
    }

    @Override
    public String meaning() {
        return "The loop runs over a copy that later changes do not touch.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model,
                operation -> Loops.overCopies(operation, (field, at) -> into.add(at, operation, field)));
    }
}
