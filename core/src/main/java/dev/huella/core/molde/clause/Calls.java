package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation>} */
@AutoService(Clause.class)
public final class Calls implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation}";
    }

    @Override
    public String meaning() {
        return "The second is called in the body of the first, also by way of the own form of a subtype.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
        });
    }
}
