package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is the same as <type>} */
@AutoService(Clause.class)
public final class IsTheSameAs implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is the same as {type}";
    }

    @Override
    public String meaning() {
        return "They are one type.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.allTypes(model).forEach(type -> into.add(type.place(), type, type));
    }
}
