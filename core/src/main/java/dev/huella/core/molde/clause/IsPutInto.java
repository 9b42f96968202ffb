package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is put into <field>} */
@AutoService(Clause.class)
public final class IsPutInto implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is put into {field}";
    }

    @Override
    public String meaning() {
        return "An object or function of the type is given to the field, at its start, by an operation, or through one that sets it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.puts(model, (type, field, at) -> into.add(at, type, field));
    }
}
