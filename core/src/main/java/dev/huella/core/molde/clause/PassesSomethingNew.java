package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> passes something new to <operation>} */
@AutoService(Clause.class)
public final class PassesSomethingNew implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} passes something new to {operation}";
    }

    @Override
    public String meaning() {
        return "It hands over an object made for this call, and calls it on another object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (Flows.hands(calls, Origin.Fresh.class::isInstance)) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
