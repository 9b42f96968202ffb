package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on what <operation> hands out} */
@AutoService(Clause.class)
public final class CallsOnWhatIsHandedOut implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on what {operation} hands out";
    }

    @Override
    public String meaning() {
        return "The receiver of the call is what the third gave back just before.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (Origin origin : calls.receiver().origins()) {
                if (origin instanceof Origin.Result(Operation handing, Origin _) && handing != null
                        && !handing.home().external()) {
                    Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target, handing));
                }
            }
        });
    }
}
