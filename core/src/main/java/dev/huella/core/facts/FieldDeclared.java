package dev.huella.core.facts;

import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * A field, property, record component or enum constant.
 *
 * @param type null when none is written
 * @param initial null when it starts without a value
 * @param inner types declared inside the initial value, in order
 */
public record FieldDeclared(String name, TypeText type, Modifiers modifiers, Kind kind, Value initial,
        List<TypeDeclared> inner, SourceSpan at) {
    public FieldDeclared {
        inner = List.copyOf(inner);
    }

    /** The same field with one more mark. */
    public FieldDeclared with(Modifiers.Mark mark) {
        return new FieldDeclared(name, type, modifiers.with(mark), kind, initial, inner, at);
    }

    /** The same field, seen from elsewhere. */
    public FieldDeclared with(Visibility visibility) {
        return new FieldDeclared(name, type, modifiers.with(visibility), kind, initial, inner, at);
    }

    /** How the field came to be. */
    public enum Kind {
        FIELD, COMPONENT, CONSTANT
    }
}
