package dev.huella.core.molde;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import java.util.Locale;

/** What kind of element can stand at a place in a clause. */
public enum Sort {
    TYPE, FIELD, OPERATION,
    /** Texts in quotes. */
    WORDS;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What can stand at a part of a clause's syntax, such as {@code {type}}; null where that is a word. */
    public static Sort at(String part) {
        return part.startsWith("{") ? valueOf(part.substring(1, part.length() - 1).toUpperCase(Locale.ROOT)) : null;
    }

    public static Sort of(Element element) {
        return switch (element) {
            case CodeType _ -> TYPE;
            case Field _ -> FIELD;
            case Operation _ -> OPERATION;
        };
    }
}
