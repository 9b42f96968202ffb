package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> makes <type> by a key} */
@AutoService(Clause.class)
public final class MakesByAKey implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} makes {type} by a key";
    }

    @Override
    public String meaning() {
        return "It makes an object of the type in a branch that compares a text, a number or a constant, and does not throw it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> {
            boolean thrown = operation.deeds()
                    .stream()
                    .anyMatch(deed -> deed instanceof Deed.Throws throwing && throwing.type() == creates.type());
            if (!creates.type().external() && !thrown && Switches.byKey(operation, creates.within())) {
                into.add(creates.at(), operation, creates.type());
            }
        });
    }
}
