package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.TypeUse;
import dev.huella.core.molde.Clause;

/** {@code <type> is right below <type>} */
@AutoService(Clause.class)
public final class IsRightBelow implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is right below {type}";
    }

    @Override
    public String meaning() {
        return "The second is written as a supertype of the first.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            type.supertypes()
                    .stream()
                    .map(TypeUse::type)
                    .filter(above -> above != null)
                    .forEach(above -> into.add(type.place(), type, above));
        }
    }
}
