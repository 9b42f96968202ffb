package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> gives <type> in any form} */
@AutoService(Clause.class)
public final class GivesInAnyForm implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} gives {type} in any form";
    }

    @Override
    public String meaning() {
        return "The result is written as that type; where none is written, it is the nearest one above all that its forms make.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            CodeType written = operation.returns().dimensions() > 0 ? null : operation.returns().erased();
            boolean said = !operation.isResultInferred() && !operation.returns().isUnknown();
            CodeType given = said ? written : Creation.common(operation);
            if (given != null || written != null) {
                into.add(operation.place(), operation, given == null ? written : given);
            }
        });
    }
}
