package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <type> is written where threads share nothing} */
@AutoService(Clause.class)
public final class ThreadsShareNothing implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is written where threads share nothing";
    }

    @Override
    public String meaning() {
        return "Two threads of its language never see the same object.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (LibraryKnowledge.of(type).sharesNothing(type.language())) {
                into.add(type.place(), type);
            }
        }
    }
}
