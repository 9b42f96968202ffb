package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.molde.Clause;

/** {@code <field> is made safely on first use} */
@AutoService(Clause.class)
public final class IsMadeSafely implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is made safely on first use";
    }

    @Override
    public String meaning() {
        return "The language fills it once, when it is first asked for.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            CodeType around = field.held().container();
            if (field.modifiers().has(Mark.LAZY) || around != null && LibraryKnowledge.of(field.home()).lazy(around)) {
                into.add(field.place(), field);
            }
        });
    }
}
