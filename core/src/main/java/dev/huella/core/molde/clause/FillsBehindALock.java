package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> fills <field> behind a lock} */
@AutoService(Clause.class)
public final class FillsBehindALock implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} fills {field} behind a lock";
    }

    @Override
    public String meaning() {
        return "Only one thread at a time can give the field its object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own() && Guards.locked(operation, sets.within())) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
