package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> answers whatever is asked} */
@AutoService(Clause.class)
public final class AnswersWhateverIsAsked implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} answers whatever is asked";
    }

    @Override
    public String meaning() {
        return "The language calls it for all that its type has no operation for, and it asks what a field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION
                    && LibraryKnowledge.of(operation.home()).lists("answersAll", operation.name())
                    && operation.home().fields().stream().anyMatch(field -> field.modifiers().has(Mark.DELEGATE))) {
                into.add(operation.place(), operation);
            }
        });
    }
}
