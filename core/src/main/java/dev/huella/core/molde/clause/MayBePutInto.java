package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> may be put into <field>} */
@AutoService(Clause.class)
public final class MayBePutInto implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} may be put into {field}";
    }

    @Override
    public String meaning() {
        return "It is put into the field, or is one of those that an operation of the sources may have made for it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.mayPut(model, (type, field, at) -> into.add(at, type, field));
    }
}
