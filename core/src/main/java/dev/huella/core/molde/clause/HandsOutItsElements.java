package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> hands out its elements one by one} */
@AutoService(Clause.class)
public final class HandsOutItsElements implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out its elements one by one";
    }

    @Override
    public String meaning() {
        return "Its body hands out, one after the other, the elements of what its object keeps, or lends the steps of that.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Stepping.yieldsOwn(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
