package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> belongs to <type>} */
@AutoService(Clause.class)
public final class FieldBelongsTo implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} belongs to {type}";
    }

    @Override
    public String meaning() {
        return "The type declares the field.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> into.add(field.place(), field, field.home()));
    }
}
