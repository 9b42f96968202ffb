package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;

/** {@code <operation> is asked of <type>} */
@AutoService(Clause.class)
public final class IsAskedOf implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is asked of {type}";
    }

    @Override
    public String meaning() {
        return "Realisations of the type must supply the operation: it is declared there or above without a body.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            type.operations().stream().filter(Operation::isAbstract).forEach(own -> into.add(own.place(), own, type));
            for (CodeType above : Hierarchy.above(type)) {
                above.operations()
                        .stream()
                        .filter(Operation::isAbstract)
                        .filter(operation -> type.operations()
                                .stream()
                                .noneMatch(own -> own.hasBody() && own.overridden().contains(operation)))
                        .forEach(operation -> into.add(operation.place(), operation, type));
            }
        }
    }
}
