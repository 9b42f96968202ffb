package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> sets <field> from its input} */
@AutoService(Clause.class)
public final class SetsFromInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets {field} from its input";
    }

    @Override
    public String meaning() {
        return "It gives the field the value of a parameter.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own() && Flows.fromInput(sets.value(), operation)) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
