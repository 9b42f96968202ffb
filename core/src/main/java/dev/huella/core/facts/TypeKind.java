package dev.huella.core.facts;

import java.util.Locale;

/** What a type was declared as. The words are those of the structure format. */
public enum TypeKind {
    CLASS, INTERFACE, ENUM, RECORD, STRUCT, TRAIT, MIXIN, PROTOCOL, OBJECT, MODULE,
    /** A lambda, method reference or closure that stands where a type is asked for. */
    FUNCTION;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** True for kinds that only promise operations: a supertype of this kind is realised, not inherited. */
    public boolean promises() {
        return this == INTERFACE || this == PROTOCOL || this == TRAIT;
    }
}
