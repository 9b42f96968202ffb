package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.ArrayList;
import java.util.List;

/** {@code <operation> may stop before <operation> through <field>} */
@AutoService(Clause.class)
public final class MayStop implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} may stop before {operation} through {field}";
    }

    @Override
    public String meaning() {
        return "On some condition it does not pass the call on to what the field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Passing.each(model, (operation, calls, field) -> {
            if (Stopping.mayStop(operation, field)) {
                List<Operation> all = new ArrayList<>(Deeds.targets(calls));
                all.addAll(operation.overridden());
                all.stream().distinct().forEach(target -> into.add(calls.at(), operation, target, field));
            }
        });
    }
}
