package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> puts together <type>} */
@AutoService(Clause.class)
public final class PutsTogether implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} puts together {type}";
    }

    @Override
    public String meaning() {
        return "It hands out an object made of the parts that its own object keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Assembly.products(model)
                .forEach((operation, products) -> products.forEach((type, at) -> into.add(at, operation, type)));
    }
}
