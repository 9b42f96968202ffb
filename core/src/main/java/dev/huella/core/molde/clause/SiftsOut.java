package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> lets go of some of <field>} */
@AutoService(Clause.class)
public final class SiftsOut implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} lets go of some of {field}";
    }

    @Override
    public String meaning() {
        return "All of the many that the field keeps for which a test holds are removed at once.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (change == Kept.Change.SIFT) {
                into.add(at, operation, field);
            }
        });
    }
}
