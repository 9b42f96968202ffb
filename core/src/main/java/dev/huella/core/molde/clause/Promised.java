package dev.huella.core.molde.clause;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import java.util.List;
import java.util.stream.Stream;

/** Properties that an abstraction promises, and the fields that its subtypes keep them in. */
final class Promised {
    private static final String SET = "=";

    private Promised() {}

    /** The field itself and those that it promises. */
    static List<Field> and(Field field) {
        return field.keptIn().isEmpty()
                ? List.of(field)
                : Stream.concat(Stream.of(field), field.keptIn().stream())
                        .toList();
    }

    /** The fields that a call sets which gives a promised property a value. */
    static List<Field> set(Deed.Calls calls) {
        if (calls.callee() != null) {
            return calls.callee().modifiers().has(Mark.SETTER) ? calls.callee().keptIn() : List.of();
        }
        CodeType of = calls.name().endsWith(SET) ? calls.receiver().type().erased() : null;
        return of == null
                ? List.of()
                : Stream.concat(Stream.of(of), Hierarchy.above(of).stream())
                        .flatMap(type -> type.operations().stream())
                        .filter(asked -> (asked.name() + SET).equals(calls.name()))
                        .map(Operation::keptIn)
                        .findFirst()
                        .orElse(List.of());
    }
}
