package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is a module} */
@AutoService(Clause.class)
public final class IsAModule implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a module";
    }

    @Override
    public String meaning() {
        return "It stands for a file with functions and variables outside types.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (type.kind() == TypeKind.MODULE) {
                into.add(type.place(), type);
            }
        }
    }
}
