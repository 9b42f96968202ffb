package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> is hidden} */
@AutoService(Clause.class)
public final class IsHidden implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is hidden";
    }

    @Override
    public String meaning() {
        return "Only its own type can call it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.modifiers().visibility() == Visibility.PRIVATE) {
                into.add(operation.place(), operation);
            }
        });
    }
}
