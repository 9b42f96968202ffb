package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> can be overridden} */
@AutoService(Clause.class)
public final class CanBeOverridden implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} can be overridden";
    }

    @Override
    public String meaning() {
        return "A subtype may put its own in its place.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.overridable()) {
                into.add(operation.place(), operation);
            }
        });
    }
}
