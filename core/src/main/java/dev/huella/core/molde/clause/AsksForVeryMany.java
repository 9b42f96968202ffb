package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> asks for very many operations} */
@AutoService(Clause.class)
public final class AsksForVeryMany implements Clause.Listed {
    private static final int MOST = 20;

    @Override
    public String syntax() {
        return "{type} asks for very many operations";
    }

    @Override
    public String meaning() {
        return "Realisations of it must supply more than twenty operations.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            if (AskedOperations.count(type) > MOST) {
                into.add(type.place(), type);
            }
        }
    }
}
