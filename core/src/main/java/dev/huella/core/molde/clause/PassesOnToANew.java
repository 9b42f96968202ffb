package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> passes <operation> on to a new <type>} */
@AutoService(Clause.class)
public final class PassesOnToANew implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} passes {operation} on to a new {type}";
    }

    @Override
    public String meaning() {
        return "It calls the same operation, with what it was given, on an object that it makes for the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.name().equals(operation.name()) && Passing.asItIs(calls, operation)
                    && !Passing.isFallback(calls.receiver())) {
                for (Origin origin : calls.receiver().origins()) {
                    if (origin instanceof Origin.Fresh(var made) && !isKept(operation, origin)) {
                        Passing.meant(operation, calls)
                                .forEach(target -> into.add(calls.at(), operation, target, made));
                    }
                }
            }
        });
    }

    /** It is put into a field as well, from where later calls take it. */
    private static boolean isKept(Operation operation, Origin made) {
        return operation.deeds()
                .stream()
                .anyMatch(
                        deed -> deed instanceof Deed.Sets sets && sets.own() && sets.value().origins().contains(made));
    }
}
