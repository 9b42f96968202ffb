package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;
import java.util.List;

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
            if (calls.used() && !handedToLoop(operation, calls) && calls.callee() != null
                    && !calls.callee().returns().isVoid()) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }

    /** The value of a function written in place goes to whatever the function is given to; a loop does nothing with it. */
    private static boolean handedToLoop(Operation operation, Deed.Calls calls) {
        Setting within = calls.within();
        if (within == null || within.kind() != Setting.Kind.FUNCTION) {
            return false;
        }
        List<Deed> deeds = operation.deeds();
        for (Deed deed : deeds.subList(deeds.indexOf(calls) + 1, deeds.size())) {
            if (deed instanceof Deed.Calls around && around.within() == within.outer()) {
                return !around.used();
            }
        }
        return false;
    }
}
