package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> hands its input on to <operation>} */
@AutoService(Clause.class)
public final class HandsItsInputOn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands its input on to {operation}";
    }

    @Override
    public String meaning() {
        return "One of its own parameters is an argument of the call. Calling what it stands in place of does not count.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Helped.calls(model, (operation, calls) -> {
            boolean above = calls.name().equals(operation.name()) && calls.receiver().first() instanceof Origin.Self;
            if (!above && Flows.hands(calls, origin -> Origins.parameter(origin, operation) != null)) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
