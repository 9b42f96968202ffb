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
            boolean gives = operation.deeds()
                    .stream()
                    .anyMatch(deed -> deed instanceof Deed.Returns || deed instanceof Deed.Sets);
            if (thrown.within() == null && !gives) {
                into.add(thrown.at(), operation);
            }
        });
    }
}
