package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> has no declared type} */
@AutoService(Clause.class)
public final class IsWorkedOut implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} has no declared type";
    }

    @Override
    public String meaning() {
        return "What the field holds is worked out from how it is used.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.isInferred() && !field.isTypedByItsInput()) {
                into.add(field.place(), field);
            }
        });
    }
}
