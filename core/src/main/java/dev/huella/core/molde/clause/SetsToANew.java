package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> sets <field> to a new <type>} */
@AutoService(Clause.class)
public final class SetsToANew implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets {field} to a new {type}";
    }

    @Override
    public String meaning() {
        return "It gives the field an object of exactly that type made here.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            for (Origin origin : Origins.of(sets.value())) {
                if (sets.own() && origin instanceof Origin.Fresh(CodeType type)) {
                    into.add(sets.at(), operation, sets.field(), type);
                }
            }
        });
    }
}
