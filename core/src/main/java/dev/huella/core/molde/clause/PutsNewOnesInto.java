package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> puts new ones into <field> when they are missing} */
@AutoService(Clause.class)
public final class PutsNewOnesInto implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} puts new ones into {field} when they are missing";
    }

    @Override
    public String meaning() {
        return "It makes one that is asked for in vain and keeps it in the field.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Fronts.refills(model, (operation, field, made, at) -> into.add(at, operation, field));
    }
}
