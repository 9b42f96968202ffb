package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.molde.Clause;

/** {@code <field> keeps one <type>} */
@AutoService(Clause.class)
public final class KeepsOne implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} keeps one {type}";
    }

    @Override
    public String meaning() {
        return "The field holds at most one object of that type.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            CodeType held = field.held().type().erased();
            if (held != null && field.held().many() != Multiplicity.MANY
                    && field.kind() != FieldDeclared.Kind.CONSTANT) {
                into.add(field.place(), field, held);
            }
        });
    }
}
