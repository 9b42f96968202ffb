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

    public static Sort of(Element element) {
        return switch (element) {
            case CodeType _ -> TYPE;
            case Field _ -> FIELD;
            case Operation _ -> OPERATION;
        };
    }
}
