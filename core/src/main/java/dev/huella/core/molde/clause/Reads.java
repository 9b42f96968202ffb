package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> reads <field>} */
@AutoService(Clause.class)
public final class Reads implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} reads {field}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the type the value of the field is used.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Reading.each(model, (operation, field, at) -> Deeds.speaking(operation.home())
                .forEach(speaking -> into.add(at, speaking, field)));
    }
}
