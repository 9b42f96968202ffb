package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> runs its input for each of its elements} */
@AutoService(Clause.class)
public final class RunsItsInputForItsElements implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} runs its input for each of its elements";
    }

    @Override
    public String meaning() {
        return "What it is given goes on, as it is, to the steps of a collection that its object keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Stepping.runsForOwn(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
