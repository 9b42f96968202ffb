package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> returns anything} */
@AutoService(Clause.class)
public final class ReturnsAnything implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} returns anything";
    }

    @Override
    public String meaning() {
        return "The declared result says nothing: the root of all types.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.returns().type() != null
                    && LibraryKnowledge.of(operation.home()).isRoot(operation.returns().type())) {
                into.add(operation.place(), operation);
            }
        });
    }
}
