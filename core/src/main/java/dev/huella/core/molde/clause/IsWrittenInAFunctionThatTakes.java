package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is written in a function that takes <type>} */
@AutoService(Clause.class)
public final class IsWrittenInAFunctionThatTakes implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is written in a function that takes {type}";
    }

    @Override
    public String meaning() {
        return "An operation that is handed an object of the second, or extends it, makes the first in its body.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (type.within() != null) {
                Passing.takenBy(type).forEach(taken -> into.add(type.place(), type, taken));
            }
        }
    }
}
