package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is made by itself only} */
@AutoService(Clause.class)
public final class IsMadeByItselfOnly implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is made by itself only";
    }

    @Override
    public String meaning() {
        return "All its constructors are closed to other types, subtypes aside: hidden, or they throw, always or unless handed what the type keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (Guards.closed(type)) {
                into.add(type.place(), type);
            }
        }
    }
}
