package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> offers <operation>} */
@AutoService(Clause.class)
public final class Offers implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} offers {operation}";
    }

    @Override
    public String meaning() {
        return "The type declares the operation or inherits it.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            Deeds.own(type).forEach(operation -> into.add(operation.place(), type, operation));
            Hierarchy.above(type)
                    .forEach(above -> Deeds.own(above)
                            .forEach(operation -> into.add(operation.place(), type, operation)));
        }
    }
}
