package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> branches on what <field> is} */
@AutoService(Clause.class)
public final class BranchesOnWhatItIs implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} branches on what {field} is";
    }

    @Override
    public String meaning() {
        return "It compares the value of the field and goes one way or the other.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Chooses.class, (operation, chooses) -> Packages.compared(chooses)
                .forEach(field -> into.add(chooses.at(), operation, field)));
    }
}
