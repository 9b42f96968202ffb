package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> switches on <field>} */
@AutoService(Clause.class)
public final class SwitchesOn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} switches on {field}";
    }

    @Override
    public String meaning() {
        return "It goes one way or the other by the value of the field, of its own object or another.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Chooses.class, (operation, chooses) -> Switches.kinds(operation, chooses)
                .forEach(field -> into.add(chooses.at(), operation, field)));
    }
}
