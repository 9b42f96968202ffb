package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> overrides <operation>} */
@AutoService(Clause.class)
public final class Overrides implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} overrides {operation}";
    }

    @Override
    public String meaning() {
        return "The first stands in place of the second in a subtype.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> operation.overridden()
                .forEach(over -> into.add(operation.place(), operation, over)));
    }
}
