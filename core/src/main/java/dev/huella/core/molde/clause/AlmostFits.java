package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> almost fits <type>} */
@AutoService(Clause.class)
public final class AlmostFits implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} almost fits {type}";
    }

    @Override
    public String meaning() {
        return "It shares an operation with the abstraction and has one of the same form for each other, under another name.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Sequences.almost(model, (near, abstraction) -> into.add(near.place(), near, abstraction));
    }
}
