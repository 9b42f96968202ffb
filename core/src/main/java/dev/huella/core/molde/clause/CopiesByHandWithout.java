package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> copies <type> by hand without <field>} */
@AutoService(Clause.class)
public final class CopiesByHandWithout implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} copies {type} by hand without {field}";
    }

    @Override
    public String meaning() {
        return "It makes an object from the fields of another of its type, and the field does not arrive.";
    }

    @Override
    public void rows(Model model, Rows into) {
        CopyingByHand.each(model, (operation, type, lost, at) -> {
            boolean free = operation.isStatic() || operation.home().kind() == TypeKind.MODULE;
            lost.forEach(field -> into.add(at, free ? type : operation.home(), type, field));
        });
    }
}
