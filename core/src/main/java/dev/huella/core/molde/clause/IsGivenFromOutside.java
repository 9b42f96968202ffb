package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is given from outside} */
@AutoService(Clause.class)
public final class IsGivenFromOutside implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is given from outside";
    }

    @Override
    public String meaning() {
        return "A constructor or operation gives the field what it was handed.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Passing.given(model).forEach((field, at) -> into.add(at, field));
    }
}
