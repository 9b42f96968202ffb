package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
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
            if (field.held().container() != null && LibraryKnowledge.of(field.home()).copying(field.held().container())
                    || Kept.startsAs(model, field, LibraryKnowledge.of(field.home())::copying)) {
                into.add(field.place(), field);
            }
        });
    }
}
