package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> creates <type>} */
@AutoService(Clause.class)
public final class Creates implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} creates {type}";
    }

    @Override
    public String meaning() {
        return "An object of exactly that type is made in its body.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Creates.class,
                (operation, creates) -> into.add(creates.at(), operation, creates.type()));
    }
}
