package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> moves on} */
@AutoService(Clause.class)
public final class MovesOn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} moves on";
    }

    @Override
    public String meaning() {
        return "It hands out something and changes where its object stands.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Stepping.movesOn(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
