package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> packs <field>} */
@AutoService(Clause.class)
public final class PacksField implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} packs {field}";
    }

    @Override
    public String meaning() {
        return "The field of its object goes into what it hands out.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Packages.packed(model, (operation, field, at) -> into.add(at, operation, field));
    }
}
