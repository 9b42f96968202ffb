package dev.huella.core.facts;

import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * A reader saw a type declared, with all that stands inside it. Supertypes are names as written.
 *
 * @param name empty for a type without one
 * @param anonymous true when it has no name of its own in the code; {@code name} then says what holds it, if anything
 * @param extended supertypes after the word for inheriting; for a type without a name, the one it is made from
 * @param realised supertypes after the word for realising
 * @param at from the first modifier to the closing brace
 * @param unreadable stretches inside that did not parse
 * @param standing whether this is the whole type or adds to one
 * @param namespace the one around it, null for that of the file
 * @param makers types that are asked when one is to be made, and may hand out one of their choice, as written
 */
public record TypeDeclared(String name, boolean anonymous, TypeKind kind, Modifiers modifiers,
        List<TypeParameterDeclared> typeParameters, List<TypeText> extended, List<TypeText> realised,
        List<FieldDeclared> fields, List<OperationDeclared> operations, List<TypeDeclared> nested, SourceSpan at,
        List<SourceSpan> unreadable, Standing standing, String namespace,
        List<TypeText> makers) {
    public TypeDeclared {
        typeParameters = List.copyOf(typeParameters);
        extended = List.copyOf(extended);
        realised = List.copyOf(realised);
        fields = List.copyOf(fields);
        operations = List.copyOf(operations);
        nested = List.copyOf(nested);
        unreadable = List.copyOf(unreadable);
        makers = List.copyOf(makers);
    }

    /** The same declaration under another name. */
    public TypeDeclared named(String other) {
        return new TypeDeclared(other, anonymous, kind, modifiers, typeParameters, extended, realised, fields,
                operations, nested, at, unreadable, standing, namespace, makers);
    }

    /** The same declaration with other modifiers. */
    public TypeDeclared with(Modifiers other) {
        return new TypeDeclared(name, anonymous, kind, other, typeParameters, extended, realised, fields, operations,
                nested, at, unreadable, standing, namespace, makers);
    }

    /** How much of a type one declaration is. */
    public enum Standing {
        /** The declaration is the type. */
        WHOLE,
        /** One of several declarations of the same qualified name that make one type together. */
        PART,
        /** Members for a type that is declared elsewhere and named here. */
        EXTENSION,
        /** A name for whichever of the types it is, which stand where others name what they extend. */
        CHOICE
    }

    /** A type parameter with what it must be a subtype of. */
    public record TypeParameterDeclared(String name, List<TypeText> bounds) {
        public TypeParameterDeclared {
            bounds = List.copyOf(bounds);
        }
    }
}
