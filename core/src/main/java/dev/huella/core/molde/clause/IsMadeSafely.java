package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is made safely on first use} */
@AutoService(Clause.class)
public final class IsMadeSafely implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is made safely on first use";
    }

    @Override
    public String meaning() {
        return "The language fills it once, when it is first asked for.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.modifiers().has(Mark.LAZY)) {
                into.add(field.place(), field);
            }
        });
    }
}
