package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.molde.Clause;
import java.util.Set;

/** {@code <field> keeps many <type>} */
@AutoService(Clause.class)
public final class KeepsMany implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} keeps many {type}";
    }

    @Override
    public String meaning() {
        return "The field is a container of any number of objects of that type, or holds one to which others are joined.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Set<Field> joined = Joining.fields(model);
        Deeds.fields(model, field -> {
            CodeType held = field.held().type().erased();
            if (held != null && (field.held().many() == Multiplicity.MANY || joined.contains(field))) {
                into.add(field.place(), field, held);
                UnlikeOnes.kept(held).forEach(one -> into.add(field.place(), field, one));
            }
        });
    }
}
