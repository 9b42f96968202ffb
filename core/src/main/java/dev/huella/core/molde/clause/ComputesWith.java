package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> computes with what <operation> gives} */
@AutoService(Clause.class)
public final class ComputesWith implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} computes with what {operation} gives";
    }

    @Override
    public String meaning() {
        return "It uses the result of the call, and gives a value that is worked out rather than handed on or fixed.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Helped.calls(model, (operation, calls) -> {
            if (calls.used() && calls.callee() != null && givesComputed(operation, calls.callee())) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }

    private static boolean givesComputed(Operation operation, Operation asked) {
        return Origins.returned(operation)
                .stream()
                .anyMatch(flow -> flow.any(origin -> origin == Origin.UNKNOWN || origin instanceof Origin.Fresh
                        || origin instanceof Origin.Result(Operation other, Origin _) && other != asked));
    }
}
