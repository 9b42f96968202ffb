package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> can change} */
@AutoService(Clause.class)
public final class CanChange implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} can change";
    }

    @Override
    public String meaning() {
        return "Something but the set-up of its object gives it another value or changes what it keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Reading.changed(model).forEach((field, at) -> into.add(at, field));
    }
}
