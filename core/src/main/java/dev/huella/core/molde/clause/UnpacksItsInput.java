package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> unpacks its input} */
@AutoService(Clause.class)
public final class UnpacksItsInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} unpacks its input";
    }

    @Override
    public String meaning() {
        return "Its object takes over what lies in the object it is given.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Packages.unpacks(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
