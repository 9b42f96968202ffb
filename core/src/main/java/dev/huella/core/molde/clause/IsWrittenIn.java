package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is written in <operation>} */
@AutoService(Clause.class)
public final class IsWrittenIn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is written in {operation}";
    }

    @Override
    public String meaning() {
        return "The type stands in the body of the operation and sees its variables.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (type.within() != null) {
                into.add(type.place(), type, type.within());
            }
        }
    }
}
