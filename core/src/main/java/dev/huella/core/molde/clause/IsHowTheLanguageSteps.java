package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> is how the language steps} */
@AutoService(Clause.class)
public final class IsHowTheLanguageSteps implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is how the language steps";
    }

    @Override
    public String meaning() {
        return "The language calls it for the next element.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (LibraryKnowledge.of(operation.home()).steps(operation.name())) {
                into.add(operation.place(), operation);
            }
        });
    }
}
