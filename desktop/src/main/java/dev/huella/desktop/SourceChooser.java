package dev.huella.desktop;

import java.nio.file.Path;

/** Asks the person for a source. Behind an interface, for where there is no system to show its own dialog. */
interface SourceChooser {
    /** Null when nothing was chosen. */
    Path folder();

    /** Null when nothing was chosen. */
    Path archive();
}
