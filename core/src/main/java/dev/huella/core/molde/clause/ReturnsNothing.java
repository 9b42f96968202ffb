package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> returns nothing} */
@AutoService(Clause.class)
public final class ReturnsNothing implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} returns nothing";
    }

    @Override
    public String meaning() {
        return "It has no result.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            type.operations()
                    .stream()
                    .filter(operation -> operation.returns().isVoid())
                    .forEach(operation -> into.add(operation.place(), operation));
        }
    }
}
