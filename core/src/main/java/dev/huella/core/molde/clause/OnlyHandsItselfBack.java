package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> only hands itself back} */
@AutoService(Clause.class)
public final class OnlyHandsItselfBack implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only hands itself back";
    }

    @Override
    public String meaning() {
        return "All it does is return its own object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.deeds().size() == 1 && operation.deeds().getFirst() instanceof Deed.Returns returns
                    && returns.value() != null && returns.value().anyOf(Origin.Self.class)) {
                into.add(returns.at(), operation);
            }
        });
    }
}
