package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> hands <field> of <type> on as it is} */
@AutoService(Clause.class)
public final class HandsOnAsItIs implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands {field} of {type} on as it is";
    }

    @Override
    public String meaning() {
        return "The copy holds the same changing object in the field.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Copying.each(model, (operation, copy) -> copy.shallow()
                .forEach(field -> into.add(copy.at(), operation, field, copy.type())));
    }
}
