package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> looks into <type>} */
@AutoService(Clause.class)
public final class LooksInto implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} looks into {type}";
    }

    @Override
    public String meaning() {
        return "It reads or sets a field of the other or calls one of its operations.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Packages.looks(model, (type, packed, at) -> into.add(at, type, packed));
    }
}
