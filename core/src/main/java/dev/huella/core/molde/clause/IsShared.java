package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is shared} */
@AutoService(Clause.class)
public final class IsShared implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is shared";
    }

    @Override
    public String meaning() {
        return "The field belongs to the type as a whole, not to each object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.isStatic()) {
                into.add(field.place(), field);
            }
        });
    }
}
