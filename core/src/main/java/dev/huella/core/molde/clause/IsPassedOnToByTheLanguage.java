package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is passed on to by the language} */
@AutoService(Clause.class)
public final class IsPassedOnToByTheLanguage implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is passed on to by the language";
    }

    @Override
    public String meaning() {
        return "The language hands all that is asked on to what the field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.modifiers().has(Mark.DELEGATE)) {
                into.add(field.place(), field);
            }
        });
    }
}
