package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> changes <field>} */
@AutoService(Clause.class)
public final class Changes implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} changes {field}";
    }

    @Override
    public String meaning() {
        return "It gives the field another value, or changes what the container in it keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.changes(model, (operation, field, value, at, change) -> into.add(at, operation, field));
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own()) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
