package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> can leave <field> empty} */
@AutoService(Clause.class)
public final class CanLeaveEmpty implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} can leave {field} empty";
    }

    @Override
    public String meaning() {
        return "It may give the field nothing.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own() && sets.value().origins().contains(Origin.NOTHING)) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
