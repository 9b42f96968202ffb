package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> brings along <type>} */
@AutoService(Clause.class)
public final class BringsAlong implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} brings along {type}";
    }

    @Override
    public String meaning() {
        return "A field of the first keeps one of the second, or an operation of it makes one and uses it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Fronts.parts(model, (front, part, at) -> into.add(at, front, part));
    }
}
