package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is made alike by <type>} */
@AutoService(Clause.class)
public final class IsMadeAlikeBy implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is made alike by {type}";
    }

    @Override
    public String meaning() {
        return "The second makes one with the same values as others do, and it holds changing state or something outside.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Sequences.alike(model, (made, maker, at) -> into.add(at, made, maker));
    }
}
