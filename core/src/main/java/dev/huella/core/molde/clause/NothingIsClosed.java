package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <type> is written where nothing is closed} */
@AutoService(Clause.class)
public final class NothingIsClosed implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is written where nothing is closed";
    }

    @Override
    public String meaning() {
        return "Its language cannot keep others from making objects.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (LibraryKnowledge.of(type).closesNothing(type.language())) {
                into.add(type.place(), type);
            }
        }
    }
}
