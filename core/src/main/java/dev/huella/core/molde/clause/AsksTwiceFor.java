package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> asks twice for <field>} */
@AutoService(Clause.class)
public final class AsksTwiceFor implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} asks twice for {field}";
    }

    @Override
    public String meaning() {
        return "It asks whether the field is filled, waits for a lock, asks again, and fills it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (Guards.askedTwice(operation, sets.field(), sets.within())) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
