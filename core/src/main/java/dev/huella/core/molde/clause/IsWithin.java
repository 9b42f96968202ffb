package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is within <type>} */
@AutoService(Clause.class)
public final class IsWithin implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is within {type}";
    }

    @Override
    public String meaning() {
        return "The first is the second, or stands inside it.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            for (CodeType around = type; around != null; around = around.outer()) {
                into.add(null, type, around);
            }
        }
    }
}
