package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> checks what it keeps} */
@AutoService(Clause.class)
public final class ChecksWhatItKeeps implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} checks what it keeps";
    }

    @Override
    public String meaning() {
        return "It asks about a field of its object and refuses to go on when the answer is wrong.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Assembly.checks(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
