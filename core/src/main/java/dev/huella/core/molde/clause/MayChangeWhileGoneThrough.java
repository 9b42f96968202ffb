package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> may change while it is gone through} */
@AutoService(Clause.class)
public final class MayChangeWhileGoneThrough implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} may change while it is gone through";
    }

    @Override
    public String meaning() {
        return "Its container is made for being changed during a loop over it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            var library = LibraryKnowledge.of(field.home());
            CodeType container = field.held().container();
            if (container != null && library.copying(container)
                    || field.type().dimensions() > 0 && library.lists("copying", "[]")
                    || Kept.startsAs(model, field, library::copying)) {
                into.add(field.place(), field);
            }
        });
    }
}
