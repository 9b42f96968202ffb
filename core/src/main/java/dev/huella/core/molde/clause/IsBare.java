package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is bare} */
@AutoService(Clause.class)
public final class IsBare implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is bare";
    }

    @Override
    public String meaning() {
        return "A type that says nothing about what its subtypes are for: the root of all types, markers.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.allTypes(model)
                .stream()
                .filter(type -> LibraryKnowledge.of(type).root(type))
                .forEach(type -> into.add(type.place(), type));
    }
}
