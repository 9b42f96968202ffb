package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryKnowledge;
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
        return "It has no parameter, or one for an object that is more than a number or a text.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            for (Operation operation : type.operations()) {
                if (operation.kind() == Kind.OPERATION && operation.parameters().size() < 2
                        && operation.parameters().stream().noneMatch(one -> isPlain(operation, one.type()))) {
                    into.add(operation.place(), operation);
                }
            }
        }
    }

    private static boolean isPlain(Operation operation, TypeUse type) {
        boolean named = type.type() == null && type.variable() == null && !type.isUnknown();
        return named || type.erased() != null && type.dimensions() == 0 && !type.erased().shape()
                && LibraryKnowledge.of(operation.home()).plain(type.erased());
    }
}
