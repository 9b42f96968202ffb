package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> stays in its file} */
@AutoService(Clause.class)
public final class StaysInItsFile implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} stays in its file";
    }

    @Override
    public String meaning() {
        return "Nothing outside its file can name it: it is private, or its module does not export it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.declared()) {
            if (type.modifiers().visibility() == Visibility.PRIVATE && !type.anonymous()) {
                into.add(type.place(), type);
            }
        }
    }
}
