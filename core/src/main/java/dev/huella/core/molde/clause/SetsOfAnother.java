package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> sets <field> of another object} */
@AutoService(Clause.class)
public final class SetsOfAnother implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets {field} of another object";
    }

    @Override
    public String meaning() {
        return "It gives the field of an object that is not its own another value.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (!sets.own()) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
