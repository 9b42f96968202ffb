package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.molde.Clause;

/** {@code <field> is a collection} */
@AutoService(Clause.class)
public final class IsACollection implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is a collection";
    }

    @Override
    public String meaning() {
        return "The field is a container of any number of whatever.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.held().many() == Multiplicity.MANY) {
                into.add(field.place(), field);
            }
        });
    }
}
