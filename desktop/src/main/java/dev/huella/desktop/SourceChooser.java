package dev.huella.desktop;

import java.nio.file.Path;

/** Asks the person for a source. Behind an interface, for where there is no system to show its own dialog. */
interface SourceChooser {
    /** Null when nothing was chosen. */
    Path folder();

    /** Null when nothing was chosen. */
    Path archive();

    /** A file to write a diagram to; null when nothing was chosen. {@code name}: what to suggest, with its ending. */
    Path saveAs(String name);

    /** What to call a set of types; null when nothing was said. */
    String name(String suggested);
}
