package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import java.util.List;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on itself} */
@AutoService(Clause.class)
public final class CallsOnItself implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on itself";
    }

    @Override
    public String meaning() {
        return "The receiver of the call is the object itself.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.receiver().any(origin -> origin instanceof Origin.Self(CodeType of) && of == operation.home())) {
                boolean fixed = isOfBase(calls, operation.home()); // no subtype can stand in for it
                (fixed ? List.of(calls.callee()) : Deeds.targets(calls))
                        .forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }

    private static boolean isOfBase(Deed.Calls calls, CodeType home) {
        CodeType seen = calls.receiver().type().erased();
        return calls.callee() != null && seen != null && seen != home && Hierarchy.above(home).contains(seen);
    }
}
