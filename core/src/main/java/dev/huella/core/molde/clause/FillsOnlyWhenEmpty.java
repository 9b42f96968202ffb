package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> fills <field> only when it is empty} */
@AutoService(Clause.class)
public final class FillsOnlyWhenEmpty implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} fills {field} only when it is empty";
    }

    @Override
    public String meaning() {
        return "It asks whether the field holds anything before it gives it an object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own() && (Passing.about(sets.within(), sets.field()) || sets.field().modifiers().has(Mark.LAZY)
                    || sets.value().any(origin -> Origins.field(origin) == sets.field())
                    || Passing.leavesWhenFilled(operation, sets.field()))) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
