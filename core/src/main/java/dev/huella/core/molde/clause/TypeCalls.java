package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;

/** {@code <type> calls <operation>} */
@AutoService(Clause.class)
public final class TypeCalls implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} calls {operation}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the type the operation is called, also by way of the own form of a subtype.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (Operation target : Deeds.targets(calls)) {
                Deeds.speaking(operation.home()).forEach(speaking -> into.add(calls.at(), speaking, target));
            }
        });
    }
}
