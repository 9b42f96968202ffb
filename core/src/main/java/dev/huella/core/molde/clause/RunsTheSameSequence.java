package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> runs the same sequence as <type>} */
@AutoService(Clause.class)
public final class RunsTheSameSequence implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} runs the same sequence as {type}";
    }

    @Override
    public String meaning() {
        return "Operations of both call three or more types in the same order.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Sequences.twins(model, (one, other, at) -> into.add(at, one, other));
    }
}
