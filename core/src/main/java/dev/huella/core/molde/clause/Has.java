package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> has <field>} */
@AutoService(Clause.class)
public final class Has implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} has {field}";
    }

    @Override
    public String meaning() {
        return "The type declares the field or inherits it.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            type.fields().forEach(field -> into.add(field.place(), type, field));
            Hierarchy.above(type)
                    .stream()
                    .filter(above -> !above.external())
                    .forEach(
                            above -> above.fields().forEach(field -> into.add(field.place(), type, field)));
        }
    }
}
