package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> sends itself to <operation> of its input} */
@AutoService(Clause.class)
public final class SendsItselfToInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sends itself to {operation} of its input";
    }

    @Override
    public String meaning() {
        return "It calls an operation of a parameter and hands itself over in the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            boolean onInput = calls.receiver().any(origin -> Origins.parameter(origin, operation) != null);
            if (onInput && Flows.hands(calls, origin -> origin instanceof Origin.Self)) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
