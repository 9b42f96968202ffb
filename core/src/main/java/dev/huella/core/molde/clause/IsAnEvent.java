package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is an event of the language} */
@AutoService(Clause.class)
public final class IsAnEvent implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is an event of the language";
    }

    @Override
    public String meaning() {
        return "The language keeps the list of those to tell, and lets others join and leave.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.modifiers().has(Mark.EVENT)) {
                into.add(field.place(), field);
            }
        });
    }
}
