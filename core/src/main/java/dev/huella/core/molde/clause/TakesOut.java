package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> takes something out of <field>} */
@AutoService(Clause.class)
public final class TakesOut implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} takes something out of {field}";
    }

    @Override
    public String meaning() {
        return "One of the many that the field keeps is removed.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (change == Kept.Change.REMOVE || change == Kept.Change.SIFT) {
                into.add(at, operation, field);
            }
        });
    }
}
