package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;

/** {@code <operation> has no declared result} */
@AutoService(Clause.class)
public final class HasNoDeclaredResult implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} has no declared result";
    }

    @Override
    public String meaning() {
        return "Nothing says what it gives, and nothing shows it.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            for (Operation operation : type.operations()) {
                if (operation.kind() == Kind.OPERATION && operation.returns().isUnknown()) {
                    into.add(operation.place(), operation);
                }
            }
        }
    }
}
