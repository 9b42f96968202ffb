package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> sets <field> to a changed copy} */
@AutoService(Clause.class)
public final class SetsToAChangedCopy implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets {field} to a changed copy";
    }

    @Override
    public String meaning() {
        return "The field gets what the language copies from its own value, with some of it told anew.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            Field field = sets.field();
            if (sets.own() && LanguageCopies.copied(operation, sets.value()) == field) {
                into.add(sets.at(), operation, field);
            }
        });
    }
}
