package dev.huella.core.model;

/** How many a field can hold. */
public enum Multiplicity {
    ONE("1"), OPTIONAL("0..1"), MANY("0..*");

    private final String text;

    Multiplicity(String text) {
        this.text = text;
    }

    /** As UML writes it. */
    public String text() {
        return text;
    }
}
