package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> passes <operation> on through <field>} */
@AutoService(Clause.class)
public final class PassesOnThrough implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} passes {operation} on through {field}";
    }

    @Override
    public String meaning() {
        return "It calls the same operation on what the field holds, itself or by way of its base.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Passing.each(model, (operation, calls, field) -> {
            Passing.meant(operation, calls).forEach(target -> into.add(calls.at(), operation, target, field));
        });
    }
}
