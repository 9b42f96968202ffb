package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <type> has the shape of <type>} */
@AutoService(Clause.class)
public final class HasTheShapeOf implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} has the shape of {type}";
    }

    @Override
    public String meaning() {
        return "An object written in place has an operation for each public one of the other, which it does not name as its supertype.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            boolean inPlace = type.kind() == TypeKind.OBJECT && type.operations().size() > 1;
            for (Field field : inPlace ? type.fields() : List.<Field>of()) {
                CodeType other = field.held().type().erased();
                if (other != null && other != type && !other.external() && Shaped.like(type, other)) {
                    into.add(type.place(), type, other);
                }
            }
        }
    }
}
