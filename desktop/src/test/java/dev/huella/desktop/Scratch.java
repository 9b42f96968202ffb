package dev.huella.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Folders that tests write in: below the build's own, so that nothing is left behind elsewhere. */
final class Scratch {
    private Scratch() {}

    static Path folder(String name) throws IOException {
        return Files.createTempDirectory(Files.createDirectories(Path.of("target", "scratch").toAbsolutePath()), name);
    }
}
