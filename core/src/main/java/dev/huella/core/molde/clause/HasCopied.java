package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> has <type> copied by its language} */
@AutoService(Clause.class)
public final class HasCopied implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} has {type} copied by its language";
    }

    @Override
    public String meaning() {
        return "It asks the language or its library for a copy of an object of the second.";
    }

    @Override
    public void rows(Model model, Rows into) {
        LanguageCopies.each(model, (client, type, at) -> into.add(at, client, type));
    }
}
