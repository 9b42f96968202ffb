package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

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
        Map<Operation, Set<Deed.Calls>> passing = new LinkedHashMap<>();
        Passing.aroundFunctions(model, (operation, calls) -> passing
                .computeIfAbsent(operation, key -> new LinkedHashSet<>())
                .add(calls));
        passing.forEach((operation, all) -> {
            if (Stopping.mayStopBeforeGiven(operation, all)) {
                all.forEach(calls -> Passing.meant(operation, calls)
                        .forEach(target -> into.add(calls.at(), operation, target)));
            }
        });
    }
}
