package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.resolve.Slots.Use;
import java.util.Set;

/** Whether an operation, or a type itself, can answer what is asked at a place of which no type is written. */
final class Asked {
    private Asked() {}

    static boolean takes(Resolution world, Operation operation, int arguments) {
        int declared = operation.parameters().size();
        if (arguments > declared && world.library.rule(Rule.SPARE_ARGUMENTS)) {
            return true;
        }
        long needed = operation.parameters().stream().filter(one -> !one.optional()).count();
        return arguments >= needed && arguments <= declared
                || !operation.parameters().isEmpty() && operation.parameters().getLast().type().dimensions() > 0;
    }

    /** A type that is handed over itself has all that is asked as operations that need no object. */
    static boolean ofItself(Resolution world, CodeType type, Set<Use> uses) {
        return uses.stream()
                .allMatch(use -> type.operations()
                        .stream()
                        .anyMatch(operation -> operation.isStatic() && takes(world, operation, use.arguments())
                                && (use.name().equals(Value.APPLY)
                                        ? world.library.invokes(operation.name())
                                        : use.name().equals(operation.name()))));
    }
}
