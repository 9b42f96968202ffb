package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> hands out values one by one from its own} */
@AutoService(Clause.class)
public final class HandsOutOneByOne implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out values one by one from its own";
    }

    @Override
    public String meaning() {
        return "Its body hands out one value after the other, and stays where it is until asked again, or it lends the steps "
                + "of a collection that its object keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Stepping.yields(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
