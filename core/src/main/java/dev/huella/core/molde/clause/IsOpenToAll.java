package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.resolve.Rule;

/** {@code <operation> is open to all} */
@AutoService(Clause.class)
public final class IsOpenToAll implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is open to all";
    }

    @Override
    public String meaning() {
        return "A public operation of the type itself that stands in place of none outside the sources.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            boolean open = operation.modifiers().visibility() == Visibility.PUBLIC
                    || operation.modifiers().visibility() == Visibility.PACKAGE
                            && LibraryKnowledge.of(operation.home()).rule(Rule.OPEN_INSIDE);
            if (open && operation.kind() == Kind.OPERATION && !operation.isStatic() && operation.overridden().isEmpty()
                    && !LibraryKnowledge.of(operation.home()).ofEveryObject(operation.name())) {
                into.add(operation.place(), operation);
            }
        });
    }
}
