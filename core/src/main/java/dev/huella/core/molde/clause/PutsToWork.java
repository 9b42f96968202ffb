package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> puts <type> to work} */
@AutoService(Clause.class)
public final class PutsToWork implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} puts {type} to work";
    }

    @Override
    public String meaning() {
        return "It calls an operation of an object of that type which its own object holds or makes.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> Fronts.working(operation)
                .forEach((type, at) -> into.add(at, operation, type)));
    }
}
