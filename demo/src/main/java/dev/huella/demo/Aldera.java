package dev.huella.demo;

import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Map;

/** The demo code base: the operations software of the made-up port of Aldera. */
public final class Aldera {
    private static final String ROOT = "/port-aldera";

    private Aldera() {}

    /**
     * Copies the code base into a folder, replacing what an earlier run left there.
     *
     * @return the folder {@code port-aldera} inside it
     */
    public static Path copyTo(Path folder) throws IOException {
        Path target = folder.resolve("port-aldera");
        try {
            URI uri = Aldera.class.getResource(ROOT).toURI();
            if (!uri.getScheme().equals("jar")) {
                copy(Path.of(uri), target);
                return target;
            }
            try (var jar = FileSystems.newFileSystem(uri, Map.of())) {
                copy(jar.getPath(ROOT), target);
            }
            return target;
        } catch (URISyntaxException e) {
            throw new IOException("The demo is missing from this build", e);
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        try (var paths = Files.walk(from)) {
            for (Path path : (Iterable<Path>) paths::iterator) {
                Path target = to.resolve(from.relativize(path).toString());
                if (Files.isDirectory(path)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(path, target, StandardCopyOption.REPLACE_EXISTING);
                }
            }
        }
    }
}
