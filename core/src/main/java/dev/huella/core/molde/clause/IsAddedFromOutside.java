package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> is added from outside} */
@AutoService(Clause.class)
public final class IsAddedFromOutside implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is added from outside";
    }

    @Override
    public String meaning() {
        return "It stands outside the text of its type, in a language that takes it for a function which is handed the object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.modifiers().has(Mark.EXTENSION) || Deeds.isAddedTo(operation.home(), operation.place())) {
                into.add(operation.place(), operation);
            }
        });
    }
}
