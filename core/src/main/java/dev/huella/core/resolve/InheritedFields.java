package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import java.util.List;

/** Where fields need no declaration, one that a supertype has too is that of the supertype. */
final class InheritedFields {
    private InheritedFields() {}

    static void settle(List<CodeType> types, Resolution world) {
        if (world.library.rule(Rule.DYNAMIC)) {
            for (CodeType type : types) {
                List.copyOf(type.fields())
                        .stream()
                        .filter(field -> field.type().isUnknown() && !field.isStatic() && inherited(type, field, world))
                        .forEach(type::drop);
            }
        }
    }

    private static boolean inherited(CodeType type, Field field, Resolution world) {
        return world.supertypes.above(type)
                .stream()
                .filter(above -> !above.external())
                .flatMap(above -> above.fields().stream())
                .anyMatch(other -> other.name().equals(field.name()) && !other.isStatic());
    }
}
