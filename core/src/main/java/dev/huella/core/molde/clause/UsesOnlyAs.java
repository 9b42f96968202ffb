package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> uses <type> only as <type>} */
@AutoService(Clause.class)
public final class UsesOnlyAs implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} uses {type} only as {type}";
    }

    @Override
    public String meaning() {
        return "The first names the second, does not make it, and calls only what the third, above it, offers.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Sequences.concreteUses(model,
                (client, concrete, abstraction, at) -> into.add(at, client, concrete, abstraction));
    }
}
