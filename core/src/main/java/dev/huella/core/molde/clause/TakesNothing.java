package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> takes nothing} */
@AutoService(Clause.class)
public final class TakesNothing implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} takes nothing";
    }

    @Override
    public String meaning() {
        return "It has no parameters, but for what the library hands over where it asks for a copy.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            type.operations()
                    .stream()
                    .filter(LanguageCopies::takesNothing)
                    .forEach(operation -> into.add(operation.place(), operation));
        }
    }
}
