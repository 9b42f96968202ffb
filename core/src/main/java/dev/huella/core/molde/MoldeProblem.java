package dev.huella.core.molde;

/**
 * A fault in a definition, for the person who wrote it.
 *
 * @param source the file's name
 * @param line counts from 1
 * @param column counts from 1
 * @param text the line itself
 */
public record MoldeProblem(String source, int line, int column, String message, String text) {

    /** Place and sentence, then the line with a caret below the word. */
    @Override
    public String toString() {
        return "%s:%d:%d: %s%n    %s%n    %s^".formatted(source, line, column, message, text,
                " ".repeat(Math.max(0, column - 1)));
    }
}
