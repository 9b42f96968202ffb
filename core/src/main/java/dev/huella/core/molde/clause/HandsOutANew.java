package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> hands out a new <type>} */
@AutoService(Clause.class)
public final class HandsOutANew implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out a new {type}";
    }

    @Override
    public String meaning() {
        return "It returns an object of exactly that type that is made for this call, by itself or by a helper of its own.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model,
                operation -> Creation.fresh(operation).forEach((type, at) -> into.add(at, operation, type)));
    }
}
