package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> is a constructor} */
@AutoService(Clause.class)
public final class IsAConstructor implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is a constructor";
    }

    @Override
    public String meaning() {
        return "It makes the object ready.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.isConstructor()) {
                into.add(operation.place(), operation);
            }
        });
    }
}
