package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is plain} */
@AutoService(Clause.class)
public final class IsPlain implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is plain";
    }

    @Override
    public String meaning() {
        return "A type of the basic library that every program uses: values, containers, functions.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        model.outside()
                .stream()
                .filter(type -> LibraryKnowledge.of(type).plain(type))
                .forEach(type -> into.add(null, type));
    }
}
