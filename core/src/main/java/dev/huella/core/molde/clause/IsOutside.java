package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is outside} */
@AutoService(Clause.class)
public final class IsOutside implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is outside";
    }

    @Override
    public String meaning() {
        return "The type is named by the sources but is not among them.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        model.outside().forEach(type -> into.add(null, type));
    }
}
