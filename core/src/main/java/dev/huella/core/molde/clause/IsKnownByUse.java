package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is known by its use} */
@AutoService(Clause.class)
public final class IsKnownByUse implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is known by its use";
    }

    @Override
    public String meaning() {
        return "Nobody declared it: it stands for all that is used alike in one place.";
    }

    @Override
    public void rows(Model model, Rows into) {
        model.types().stream().filter(CodeType::shape).forEach(type -> into.add(type.place(), type));
    }
}
