package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> asks for the kind <type>} */
@AutoService(Clause.class)
public final class AsksForTheKind implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} asks for the kind {type}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the first a value is tested to be of the second.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.AsksKind.class, (operation, asks) -> Deeds.speaking(operation.home())
                .forEach(speaking -> into.add(asks.at(), speaking, asks.kind())));
    }
}
