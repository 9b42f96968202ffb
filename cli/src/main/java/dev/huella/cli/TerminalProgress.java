package dev.huella.cli;

import dev.huella.core.source.Work;
import java.io.PrintWriter;

/** Tells on one line of a terminal how far the work is; says nothing where no terminal is. */
final class TerminalProgress implements Work {
    private static final long EVERY_NANOS = 200_000_000;
    private final PrintWriter to;
    private final boolean terminal = System.console() != null && System.console().isTerminal();
    private long last;

    TerminalProgress(PrintWriter to) {
        this.to = to;
    }

    @Override
    public synchronized void progress(Stage stage, long done, long known) {
        if (!terminal) {
            return;
        }
        boolean end = done >= known;
        if (end || System.nanoTime() - last > EVERY_NANOS) {
            last = System.nanoTime();
            to.printf("\r%-12s %,d of %,d   %s", stage.name().toLowerCase(java.util.Locale.ROOT), done, known,
                    end && stage == Stage.MATCHING ? "\n" : "");
            to.flush();
        }
    }
}
