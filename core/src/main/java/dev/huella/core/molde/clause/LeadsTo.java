package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> leads to <operation>} */
@AutoService(Clause.class)
public final class LeadsTo implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} leads to {operation}";
    }

    @Override
    public String meaning() {
        return "The second is the first, or is called by it on the same object, directly or through others.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> operation.reached()
                .forEach(reached -> into.add(null, operation, reached)));
    }
}
