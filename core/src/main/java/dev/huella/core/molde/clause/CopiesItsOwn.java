package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> copies its own <type>} */
@AutoService(Clause.class)
public final class CopiesItsOwn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} copies its own {type}";
    }

    @Override
    public String meaning() {
        return "It returns a new object of the type of its object, with the state of its object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Copying.each(model, (operation, copy) -> into.add(copy.at(), operation, copy.type()));
    }
}
