package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> only fails} */
@AutoService(Clause.class)
public final class OnlyFails implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only fails";
    }

    @Override
    public String meaning() {
        return "Whatever it does, it ends with an error.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Throws.class, (operation, thrown) -> {
            if (thrown.within() == null && Bodies.onlyFails(operation)) {
                into.add(thrown.at(), operation);
            }
        });
    }
}
