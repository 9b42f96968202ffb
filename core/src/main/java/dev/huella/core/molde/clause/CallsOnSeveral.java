package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** {@code <operation> calls <operation> on several objects} */
@AutoService(Clause.class)
public final class CallsOnSeveral implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on several objects";
    }

    @Override
    public String meaning() {
        return "It calls the second more than once, each time on another object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<Operation, Map<Operation, Set<Origin>>> seen = new HashMap<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.callee() != null) {
                Set<Origin> on = seen.computeIfAbsent(operation, key -> new HashMap<>())
                        .computeIfAbsent(calls.callee(), key -> new HashSet<>());
                if (on.add(calls.receiver().first()) && on.size() == 2) {
                    into.add(calls.at(), operation, calls.callee());
                }
            }
        });
    }
}
