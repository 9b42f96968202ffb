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
                found.addAll(in(folder));
            }
        }
        return found;
    }

    /** Those in a folder, by name; a file is its own. */
    public static List<Path> in(Path fileOrFolder) {
        if (!Files.isDirectory(fileOrFolder)) {
            return List.of(fileOrFolder);
        }
        try (Stream<Path> files = Files.list(fileOrFolder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(".molde")).sorted().toList();
        } catch (IOException e) {
            return List.of(); // what cannot be read is as if it were not there
        }
    }
}
