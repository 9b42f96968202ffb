package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> empties <field>} */
@AutoService(Clause.class)
public final class Empties implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} empties {field}";
    }

    @Override
    public String meaning() {
        return "The field is left without the ones it kept, without being told which.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (change == Kept.Change.DRAIN) {
                into.add(at, operation, field);
            }
        });
    }
}
