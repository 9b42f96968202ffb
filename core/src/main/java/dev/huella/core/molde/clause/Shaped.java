package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import java.util.List;

/** Whether a type offers what another does, without saying so. */
final class Shaped {
    private Shaped() {}

    static boolean like(CodeType type, CodeType other) {
        List<Operation> asked = other.operations().stream().filter(Shaped::open).toList();
        return !asked.isEmpty() && asked.stream()
                .allMatch(operation -> type.operations()
                        .stream()
                        .anyMatch(own -> own.name().equals(operation.name()) && open(own)));
    }

    private static boolean open(Operation operation) {
        return operation.kind() == Kind.OPERATION && !operation.isStatic()
                && operation.modifiers().visibility() != Visibility.PRIVATE;
    }
}
