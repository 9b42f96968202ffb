package dev.huella.core;

import dev.huella.core.molde.Catalogue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The folders of the suite, each with the cases of one pattern; taken as one code base, a property can be tried on many. */
public final class SuiteFolders {
    private SuiteFolders() {}

    /** In the order of their names. */
    public static List<Path> patterns() throws IOException {
        try (var folders = Files.list(Path.of("src/test/resources/suite"))) {
            return folders.filter(folder -> Catalogue.shipped().definition(folder.getFileName().toString()) != null)
                    .sorted()
                    .toList();
        }
    }
}
