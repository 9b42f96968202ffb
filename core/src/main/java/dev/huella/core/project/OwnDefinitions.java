package dev.huella.core.project;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Definitions that a team keeps beside its code: files ending {@code .molde} in the folder {@code .huella} of a source. */
public final class OwnDefinitions {
    private OwnDefinitions() {}

    /** Those of all sources that are folders, by name. A folder that cannot be listed has none. */
    public static List<Path> beside(List<Path> sources) {
        List<Path> found = new ArrayList<>();
        for (Path source : sources) {
            Path folder = source.resolve(".huella");
            if (Files.isDirectory(folder)) {
                try (Stream<Path> files = Files.list(folder)) {
                    files.filter(file -> file.getFileName().toString().endsWith(".molde")).sorted().forEach(found::add);
                } catch (IOException e) {
                    continue; // what cannot be read is as if it were not there
                }
            }
        }
        return found;
    }
}
