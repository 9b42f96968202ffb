package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on something around it} */
@AutoService(Clause.class)
public final class CallsOnSurroundings implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on something around it";
    }

    @Override
    public String meaning() {
        return "A function calls it on a value of the body or object that it was written in.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            boolean around = operation.depth() > 0 && calls.receiver()
                    .any(origin -> Origins.field(origin) != null || origin instanceof Origin.Fresh
                            || origin instanceof Origin.OfParameter && Origins.parameter(origin, operation) == null);
            if (around) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
