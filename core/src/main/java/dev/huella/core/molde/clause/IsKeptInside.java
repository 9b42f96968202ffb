package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is kept inside} */
@AutoService(Clause.class)
public final class IsKeptInside implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is kept inside";
    }

    @Override
    public String meaning() {
        return "Only its own type, or subtypes of it, can see the field.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            Visibility visibility = field.modifiers().visibility();
            if (visibility == Visibility.PRIVATE || visibility == Visibility.PROTECTED) {
                into.add(field.place(), field);
            }
        });
    }
}
