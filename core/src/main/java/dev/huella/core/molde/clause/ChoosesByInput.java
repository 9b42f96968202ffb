package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> chooses <type> by its input} */
@AutoService(Clause.class)
public final class ChoosesByInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} chooses {type} by its input";
    }

    @Override
    public String meaning() {
        return "It returns a new object of that type on one of several paths, which an argument, a key or a setting decides.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model,
                operation -> Creation.chosen(model, operation).forEach((type, at) -> into.add(at, operation, type)));
    }
}
