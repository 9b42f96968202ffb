package dev.huella.core.molde.clause;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.resolve.LibraryKnowledge;

/** What is a value in its language: handing it on makes another one. */
final class ValueTypes {
    private ValueTypes() {}

    static boolean isValue(CodeType type) {
        return type.kind() == TypeKind.STRUCT && LibraryKnowledge.of(type).lists("traits", "structsAreValues");
    }

    /** True when the container in the field is copied with the object that holds it. */
    static boolean copiesAlong(Field field) {
        CodeType container = field.held().container();
        return LibraryKnowledge.of(field.home()).lists("values", container == null ? "[]" : container.name());
    }
}
