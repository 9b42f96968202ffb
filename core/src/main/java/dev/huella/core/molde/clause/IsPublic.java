package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> is public} */
@AutoService(Clause.class)
public final class IsPublic implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is public";
    }

    @Override
    public String meaning() {
        return "Everybody can call it.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.modifiers().visibility() == Visibility.PUBLIC) {
                into.add(operation.place(), operation);
            }
        });
    }
}
