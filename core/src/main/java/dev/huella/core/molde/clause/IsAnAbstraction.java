package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is an abstraction} */
@AutoService(Clause.class)
public final class IsAnAbstraction implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is an abstraction";
    }

    @Override
    public String meaning() {
        return "An interface or abstract type, of which nobody can make an object directly.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.allTypes(model).stream().filter(CodeType::isAbstract).forEach(type -> into.add(type.place(), type));
    }
}
