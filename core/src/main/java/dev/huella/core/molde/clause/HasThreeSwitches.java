package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> has at least three switches} */
@AutoService(Clause.class)
public final class HasThreeSwitches implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} has at least three switches";
    }

    @Override
    public String meaning() {
        return "Three or more values that are true or false, kept or handed over, decide about parts of it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Switches.count(operation) >= 3) {
                into.add(operation.place(), operation);
            }
        });
    }
}
