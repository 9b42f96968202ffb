package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.model.TypeUse;
import dev.huella.core.molde.Clause;

/** {@code <type> is a container} */
@AutoService(Clause.class)
public final class IsAContainer implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a container";
    }

    @Override
    public String meaning() {
        return "It keeps other objects for whoever asks: lists, maps, arrays of the library and their subtypes.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.allTypes(model)
                .stream()
                .filter(type -> LibraryKnowledge.of(type).container(TypeUse.of(type)) != null)
                .forEach(type -> into.add(type.place(), type));
    }
}
