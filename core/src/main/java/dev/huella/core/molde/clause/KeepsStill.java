package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <type> keeps still in full} */
@AutoService(Clause.class)
public final class KeepsStill implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} keeps still in full";
    }

    @Override
    public String meaning() {
        return "One of its operations is empty, or two or more give back neutral values.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            List<Operation> own = Deeds.own(type)
                    .filter(operation -> operation.kind() == Kind.OPERATION && operation.hasBody()
                            && !operation.isStatic())
                    .toList();
            if (own.size() > 1 || own.stream().anyMatch(Bodies::empty)) {
                into.add(type.place(), type);
            }
        }
    }
}
