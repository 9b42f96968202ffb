package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> only asks one of its own} */
@AutoService(Clause.class)
public final class OnlyAsksOneOfItsOwn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only asks one of its own";
    }

    @Override
    public String meaning() {
        return "All it does is call another operation of its object and hand back what that gives.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            long calls = operation.deeds().stream().filter(Deed.Calls.class::isInstance).count();
            boolean nothingElse = operation.deeds()
                    .stream()
                    .allMatch(deed -> deed instanceof Deed.Calls call && call.receiver().anyOf(Origin.Self.class)
                            || deed instanceof Deed.Returns returns && (returns.value() == null
                                    || returns.value().anyOf(Origin.Result.class)));
            if (calls == 1 && nothingElse) {
                into.add(operation.place(), operation);
            }
        });
    }
}
