package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is an iterator} */
@AutoService(Clause.class)
public final class IsAnIterator implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is an iterator";
    }

    @Override
    public String meaning() {
        return "It follows the protocol of the language for stepping through something.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            var library = LibraryKnowledge.of(type);
            if (library.iterator(type) || Hierarchy.above(type).stream().anyMatch(library::stepsThrough)) {
                into.add(type.place(), type);
            }
        }
    }
}
