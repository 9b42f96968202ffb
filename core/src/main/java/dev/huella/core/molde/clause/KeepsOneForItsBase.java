package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.molde.Clause;

/** {@code <field> keeps one <type> for its base} */
@AutoService(Clause.class)
public final class KeepsOneForItsBase implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} keeps one {type} for its base";
    }

    @Override
    public String meaning() {
        return "The field holds one of what its type is told by a type parameter, and the second, right below, tells it itself.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            for (TypeUse base : type.supertypes()) {
                for (int i = 0; base.type() != null && i < base.arguments().size(); i++) {
                    if (base.arguments().get(i).erased() == type && i < base.type().variables().size()) {
                        kept(base.type(), base.type().variables().get(i), type, into);
                    }
                }
            }
        }
    }

    private static void kept(CodeType base, TypeVariable told, CodeType type, Rows into) {
        for (Field field : base.fields()) {
            if (field.held().type().variable() == told && field.held().many() != Multiplicity.MANY) {
                into.add(field.place(), field, type);
            }
        }
    }
}
