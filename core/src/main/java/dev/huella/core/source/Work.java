package dev.huella.core.source;

/** How long work tells how far it is, and learns that it is no longer wanted. Called from several threads. */
public interface Work {
    Work QUIET = (stage, done, known) -> {};

    /** Some of what is known has been done. */
    void progress(Stage stage, long done, long known);

    /** A file was read, with so many types in it. */
    default void read(String path, int types) {
        // most only want to know how far the work is
    }

    /** True when the work should end early; what is done so far is used. */
    default boolean stopped() {
        return false;
    }

    /** The parts of a run, in order. */
    enum Stage {
        LISTING, READING, RESOLVING, MATCHING
    }
}
