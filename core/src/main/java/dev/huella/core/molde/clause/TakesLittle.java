package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;

/** {@code <operation> takes little} */
@AutoService(Clause.class)
public final class TakesLittle implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} takes little";
    }

    @Override
    public String meaning() {
        return "It has no parameter, or one.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            for (Operation operation : type.operations()) {
                if (operation.kind() == Kind.OPERATION && operation.parameters().size() < 2) {
                    into.add(operation.place(), operation);
                }
            }
        }
    }
}
