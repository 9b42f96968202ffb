package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is below <type>} */
@AutoService(Clause.class)
public final class IsBelow implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is below {type}";
    }

    @Override
    public String meaning() {
        return "The first is a subtype of the second at any distance, and not the second itself.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            Hierarchy.above(type).forEach(above -> into.add(type.place(), type, above));
        }
    }
}
