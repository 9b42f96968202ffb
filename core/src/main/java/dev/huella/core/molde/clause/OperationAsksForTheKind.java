package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> asks whether something is of the kind <type>} */
@AutoService(Clause.class)
public final class OperationAsksForTheKind implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} asks whether something is of the kind {type}";
    }

    @Override
    public String meaning() {
        return "A value is tested to be of the type.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.AsksKind.class, (operation, asks) -> {
            if (asks.kind() != null) {
                into.add(asks.at(), operation, asks.kind());
            }
        });
    }
}
