package dev.huella.core.facts;

import java.util.Locale;

/** Who may see a type or member. {@link #PACKAGE} is the default where nothing is written in Java. */
public enum Visibility {
    PUBLIC("+"), PROTECTED("#"), PACKAGE("~"), PRIVATE("-");

    private final String sign;

    Visibility(String sign) {
        this.sign = sign;
    }

    /** The sign that UML puts before a member. */
    public String sign() {
        return sign;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
