package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> belongs to <type>} */
@AutoService(Clause.class)
public final class BelongsTo implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} belongs to {type}";
    }

    @Override
    public String meaning() {
        return "The type declares the operation.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            Deeds.own(type).forEach(operation -> into.add(operation.place(), operation, type));
        }
    }
}
