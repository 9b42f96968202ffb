package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> returns itself} */
@AutoService(Clause.class)
public final class ReturnsItself implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} returns itself";
    }

    @Override
    public String meaning() {
        return "It hands back its own object, or a copy of it with a part changed.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Assembly.returnsItself(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
