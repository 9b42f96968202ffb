package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> only notes what it passes on} */
@AutoService(Clause.class)
public final class OnlyNotes implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only notes what it passes on";
    }

    @Override
    public String meaning() {
        return "It calls the same operation on another object with the same values and hands back what that gives; "
                + "beside that it only counts, times or logs the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Passing.onlyNotes(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
