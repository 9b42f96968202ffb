package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is a <type>} */
@AutoService(Clause.class)
public final class IsA implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a {type}";
    }

    @Override
    public String meaning() {
        return "The first is the second, or a subtype of it at any distance.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            into.add(null, type, type);
            Hierarchy.above(type).forEach(above -> into.add(type.place(), type, above));
        }
    }
}
