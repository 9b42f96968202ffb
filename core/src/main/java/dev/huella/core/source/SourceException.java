package dev.huella.core.source;

/** A source that could not be read at all. The message is a sentence for a person, with the remedy. */
public final class SourceException extends Exception {
    private static final long serialVersionUID = 1L;

    public SourceException(String message) {
        super(message);
    }
}
