package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> uses what <operation> gives} */
@AutoService(Clause.class)
public final class UsesTheAnswer implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} uses what {operation} gives";
    }

    @Override
    public String meaning() {
        return "Something is done with the result of the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.used() && calls.callee() != null && !calls.callee().returns().isVoid()) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }
}
