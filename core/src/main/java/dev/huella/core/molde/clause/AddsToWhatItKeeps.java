package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> adds to what it keeps} */
@AutoService(Clause.class)
public final class AddsToWhatItKeeps implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} adds to what it keeps";
    }

    @Override
    public String meaning() {
        return "It changes a field of its object, or what a field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Assembly.adds(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
