package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on what <field> keeps} */
@AutoService(Clause.class)
public final class CallsOnWhatIsKept implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on what {field} keeps";
    }

    @Override
    public String meaning() {
        return "The receiver of the call is what the field holds, or one of the many it holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Helped.calls(model, (operation, calls) -> {
            for (Origin origin : Origins.of(calls.receiver())) {
                Field field = Origins.field(origin);
                if (field != null) {
                    Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target, field));
                }
            }
        });
    }
}
