package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.molde.Clause;

/** {@code <type> comes with the language} */
@AutoService(Clause.class)
public final class ComesWithTheLanguage implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} comes with the language";
    }

    @Override
    public String meaning() {
        return "A type outside the sources that is known from the library of the language itself.";
    }

    @Override
    public void rows(Model model, Rows into) {
        model.outside()
                .stream()
                .filter(type -> LibraryKnowledge.of(type).knows(type))
                .forEach(type -> into.add(null, type));
    }
}
