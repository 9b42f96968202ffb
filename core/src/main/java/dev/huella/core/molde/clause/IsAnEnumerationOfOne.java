package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is an enumeration of one} */
@AutoService(Clause.class)
public final class IsAnEnumerationOfOne implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is an enumeration of one";
    }

    @Override
    public String meaning() {
        return "It is an enumeration with a single constant and members of its own.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            long constants = type.fields()
                    .stream()
                    .filter(field -> field.kind() == FieldDeclared.Kind.CONSTANT)
                    .count();
            boolean more = type.fields().size() > constants
                    || type.operations()
                            .stream()
                            .anyMatch(operation -> operation.kind() == Kind.OPERATION && !operation.isStatic()
                                    && !Bodies.reports(operation) && !Bodies.refuses(operation));
            boolean varies = type.fields().stream().anyMatch(field -> field.modifiers().has(Mark.VARYING));
            if (type.kind() == TypeKind.ENUM && constants == 1 && more && !varies) {
                into.add(type.place(), type);
            }
        }
    }
}
