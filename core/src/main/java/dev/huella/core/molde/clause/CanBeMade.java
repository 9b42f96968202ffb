package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> can be made} */
@AutoService(Clause.class)
public final class CanBeMade implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} can be made";
    }

    @Override
    public String meaning() {
        return "A type of the sources of which objects can be made, functions included.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        model.types().stream().filter(type -> !type.isAbstract()).forEach(type -> into.add(type.place(), type));
    }
}
