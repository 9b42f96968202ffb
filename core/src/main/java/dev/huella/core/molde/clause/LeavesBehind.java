package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> leaves <field> of <type> behind} */
@AutoService(Clause.class)
public final class LeavesBehind implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} leaves {field} of {type} behind";
    }

    @Override
    public String meaning() {
        return "The field does not reach the copy.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Copying.each(model, (operation, copy) -> copy.lost()
                .forEach(field -> into.add(copy.at(), operation, field, copy.type())));
    }
}
