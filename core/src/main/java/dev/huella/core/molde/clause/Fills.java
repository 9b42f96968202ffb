package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> fills <field>} */
@AutoService(Clause.class)
public final class Fills implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} fills {field}";
    }

    @Override
    public String meaning() {
        return "It gives the field an object that it makes or gets, and that nobody handed in.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            boolean object = Origins.of(sets.value())
                    .stream()
                    .anyMatch(origin -> origin instanceof Origin.Fresh || origin instanceof Origin.Result
                            || origin instanceof Origin.Self);
            if (sets.own() && object && !Flows.fromInput(sets.value(), operation)) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
