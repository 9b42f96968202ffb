package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> forgets <field> of <type>} */
@AutoService(Clause.class)
public final class SaveForgets implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} forgets {field} of {type}";
    }

    @Override
    public String meaning() {
        return "The changing field of its object does not go into what it hands out.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Packages.forgotten(model, (operation, field, at) -> into.add(at, operation, field, field.home()));
    }
}
