package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> adds its input to <field>} */
@AutoService(Clause.class)
public final class AddsItsInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} adds its input to {field}";
    }

    @Override
    public String meaning() {
        return "A parameter becomes one of the many that the field keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (change == Kept.Change.ADD && (Flows.fromInput(value, operation) || isOneOf(value, operation))) {
                into.add(at, operation, field);
            }
        });
    }

    /** One of several that were handed over together. */
    private static boolean isOneOf(Flow value, Operation operation) {
        return value.any(origin -> origin instanceof Origin.ElementOf(Origin many)
                && Origins.parameter(many, operation) != null);
    }
}
