package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on <field>} */
@AutoService(Clause.class)
public final class CallsOnField implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on {field}";
    }

    @Override
    public String meaning() {
        return "The receiver of the call is the object that the field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (Origin origin : Origins.of(calls.receiver())) {
                Field field = Origins.whole(origin);
                if (field != null) {
                    Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target, field));
                }
            }
        });
    }
}
