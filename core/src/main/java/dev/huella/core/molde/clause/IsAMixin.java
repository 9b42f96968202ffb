package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is a mixin} */
@AutoService(Clause.class)
public final class IsAMixin implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a mixin";
    }

    @Override
    public String meaning() {
        return "Its members become part of the types that take it up; there are no objects of it alone.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        model.types()
                .stream()
                .filter(type -> type.kind() == TypeKind.TRAIT || type.kind() == TypeKind.MIXIN)
                .forEach(type -> into.add(type.place(), type));
    }
}
