package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> may stop before <operation> of what was given} */
@AutoService(Clause.class)
public final class MayStopBeforeGiven implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} may stop before {operation} of what was given";
    }

    @Override
    public String meaning() {
        return "On some condition it does not pass the call on to what the function around it was handed.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Passing.aroundFunctions(model, (operation, calls) -> {
            if (Passing.mayStopBefore(operation, calls)) {
                Passing.meant(operation, calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
