package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> is how the language asks for steps} */
@AutoService(Clause.class)
public final class IsHowTheLanguageAsksForSteps implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is how the language asks for steps";
    }

    @Override
    public String meaning() {
        return "The language calls it to go through an object, or it hands out what the language makes to go through it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (LibraryKnowledge.of(operation.home()).asksForSteps(operation.name())
                    || Stepping.declaredSteps(operation) || Stepping.makesSteps(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
