package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> skips some of <field>} */
@AutoService(Clause.class)
public final class SkipsSome implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} skips some of {field}";
    }

    @Override
    public String meaning() {
        return "It goes through the field but leaves before the end, or passes over some on a condition.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> Loops.skipped(operation, (field, at) -> into.add(at, operation, field)));
    }
}
