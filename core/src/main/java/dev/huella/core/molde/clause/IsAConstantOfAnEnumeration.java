package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is a constant of an enumeration} */
@AutoService(Clause.class)
public final class IsAConstantOfAnEnumeration implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is a constant of an enumeration";
    }

    @Override
    public String meaning() {
        return "The field is one of the values that its enumeration lists.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (field.kind() == FieldDeclared.Kind.CONSTANT) {
                into.add(field.place(), field);
            }
        });
    }
}
