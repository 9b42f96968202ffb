package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> can be copied} */
@AutoService(Clause.class)
public final class CanBeCopied implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} can be copied";
    }

    @Override
    public String meaning() {
        return "An operation of its own, its language or a serialised form makes a second object like it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (SecondOnes.open(type)) {
                into.add(type.place(), type);
            }
        }
    }
}
