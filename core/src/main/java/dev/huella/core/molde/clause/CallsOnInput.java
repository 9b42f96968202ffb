package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on its input} */
@AutoService(Clause.class)
public final class CallsOnInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on its input";
    }

    @Override
    public String meaning() {
        return "The receiver of the call is a parameter.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.receiver().any(origin -> Origins.parameter(origin, operation) != null)) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
