package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> is of every object} */
@AutoService(Clause.class)
public final class IsOfEveryObject implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is of every object";
    }

    @Override
    public String meaning() {
        return "Every object of its language may answer it in its own way.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            for (Operation operation : type.operations()) {
                if (LibraryKnowledge.of(type).ofEveryObject(operation.name())) {
                    into.add(operation.place(), operation);
                }
            }
        }
    }
}
