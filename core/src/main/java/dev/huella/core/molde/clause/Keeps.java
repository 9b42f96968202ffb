package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> keeps <type>} */
@AutoService(Clause.class)
public final class Keeps implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} keeps {type}";
    }

    @Override
    public String meaning() {
        return "The field holds objects of that type, one or many.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            CodeType held = field.held().type().erased();
            if (held != null && field.kind() != FieldDeclared.Kind.CONSTANT) {
                into.add(field.place(), field, held);
                UnlikeOnes.kept(held).forEach(one -> into.add(field.place(), field, one));
            }
        });
    }
}
