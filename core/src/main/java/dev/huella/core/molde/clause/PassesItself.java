package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> passes itself to <operation>} */
@AutoService(Clause.class)
public final class PassesItself implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} passes itself to {operation}";
    }

    @Override
    public String meaning() {
        return "The object hands itself over in the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (Flows.hands(calls, origin -> origin instanceof Origin.Self(CodeType of) && of == operation.home())) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
