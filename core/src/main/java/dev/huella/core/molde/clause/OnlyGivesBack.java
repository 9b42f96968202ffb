package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <type> only gives back what it is given} */
@AutoService(Clause.class)
public final class OnlyGivesBack implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} only gives back what it is given";
    }

    @Override
    public String meaning() {
        return "What each of its operations is given comes back as it was: a way of doing something that changes nothing.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            List<Operation> own = Deeds.own(type)
                    .filter(operation -> operation.kind() == Kind.OPERATION && operation.hasBody())
                    .toList();
            if (!own.isEmpty() && own.stream().allMatch(Bodies::passesInput)) {
                into.add(type.place(), type);
            }
        }
    }
}
