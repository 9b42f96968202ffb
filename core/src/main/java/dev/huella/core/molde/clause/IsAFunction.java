package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is a function} */
@AutoService(Clause.class)
public final class IsAFunction implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a function";
    }

    @Override
    public String meaning() {
        return "A function written in place, or meant by name, where a type is asked for.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        model.types()
                .stream()
                .filter(type -> type.kind() == TypeKind.FUNCTION)
                .forEach(type -> into.add(type.place(), type));
    }
}
