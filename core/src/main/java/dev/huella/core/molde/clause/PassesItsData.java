package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import java.util.HashSet;
import java.util.Set;

/** {@code <operation> passes its data to <operation>} */
@AutoService(Clause.class)
public final class PassesItsData implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} passes its data to {operation}";
    }

    @Override
    public String meaning() {
        return "It hands over a field of its object or another of its parameters in the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Helped.calls(model, (operation, calls) -> {
            Set<Origin> receivers = new HashSet<>(calls.receiver().origins());
            if (Flows.hands(calls, origin -> !receivers.contains(origin) && Flows.isData(origin))) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
