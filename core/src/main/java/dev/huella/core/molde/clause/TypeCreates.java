package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> creates <type>} */
@AutoService(Clause.class)
public final class TypeCreates implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} creates {type}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the first an object of the second is made.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> Deeds.speaking(operation.home())
                .forEach(speaking -> into.add(creates.at(), speaking, creates.type())));
    }
}
