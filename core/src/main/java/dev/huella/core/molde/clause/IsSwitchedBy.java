package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> is switched by <field>} */
@AutoService(Clause.class)
public final class IsSwitchedBy implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is switched by {field}";
    }

    @Override
    public String meaning() {
        return "Whether a part of it is done depends on a field that is true or false.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> Switches.flags(operation)
                .forEach((field, at) -> into.add(at, operation, field)));
    }
}
