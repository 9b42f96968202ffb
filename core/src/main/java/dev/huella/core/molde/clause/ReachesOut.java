package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> reaches out} */
@AutoService(Clause.class)
public final class ReachesOut implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} reaches out";
    }

    @Override
    public String meaning() {
        return "It starts, registers, reads, writes or tells something outside its own object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Reach.out(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
