package dev.huella.core.source;

/** A source that could not be read at all. The message is a sentence for a person, with the remedy. */
public final class SourceException extends Exception {
    private static final long serialVersionUID = 1L;
    private static final long MEGABYTE = 1024L * 1024;

    public SourceException(String message) {
        super(message);
    }

    /** The code does not fit into the memory of the process. {@code when}: how far the work was, or empty. */
    public static SourceException tooLarge(String when) {
        return new SourceException(("This code base does not fit into the memory that Huella was given (%,d MB)%s. "
                + "Leave out what need not be seen (--exclude, or open a folder inside it), or give more: "
                + "HUELLA_MEMORY=8g ./huella").formatted(Runtime.getRuntime().maxMemory() / MEGABYTE,
                        when.isEmpty() ? "" : ": it was full " + when));
    }
}
