package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is always set} */
@AutoService(Clause.class)
public final class IsAlwaysSet implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is always set";
    }

    @Override
    public String meaning() {
        return "It has a first value, or every constructor gives it one.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (Kept.alwaysSet(field)) {
                into.add(field.place(), field);
            }
        });
    }
}
