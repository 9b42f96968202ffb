package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.TypeUse;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <type> is made once by its library} */
@AutoService(Clause.class)
public final class IsMadeOnceByItsLibrary implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is made once by its library";
    }

    @Override
    public String meaning() {
        return "A part of the language's library that it takes in keeps the one object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            for (TypeUse above : type.supertypes()) {
                if (above.type() != null && above.type().external()
                        && LibraryKnowledge.of(type).madeOnce(above.type())) {
                    into.add(type.place(), type);
                }
            }
        }
    }
}
