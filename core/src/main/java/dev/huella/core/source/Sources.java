package dev.huella.core.source;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Opens what a person names as SOURCE: a folder, one file, an archive, or several of these. */
public final class Sources {
    /** Larger files are generated data rather than code; they are left out with this reason. Bytes. */
    public static final long LARGEST_FILE = 8L << 20;
    private static final Set<String> ARCHIVES = Set.of("zip", "jar");
    private static final Set<String> TAPES = Set.of("tar", "tgz", "gz");

    private static final String STUB = ".pyi";

    private Sources() {}

    /**
     * Lists the files to read, in path order.
     *
     * @param paths at least one; with several, each file's path starts with the name of its source
     * @param readable which files some reader can take; the rest is left out silently
     * @throws SourceException when a source is not there, cannot be opened, or holds nothing to read
     */
    public static SourceSet open(List<Path> paths, SourceFilter filter, Predicate<SourceFile> readable)
            throws SourceException {
        List<SourceFile> files = new ArrayList<>();
        List<SourceSet.LeftOut> leftOut = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (Path path : paths) {
            String prefix = paths.size() > 1 ? path.toAbsolutePath().normalize().getFileName() + "/" : "";
            Listing listing = CompiledTypes.asHeaders(list(path, filter, readable));
            leftOut.addAll(listing.leftOut());
            problems.addAll(listing.problems());
            for (SourceFile file : listing.files()) {
                choose(file, filter, readable, prefix, files, leftOut);
            }
        }
        withoutStubs(files, leftOut);
        files.sort(Comparator.comparing(SourceFile::path));
        if (files.isEmpty() && problems.isEmpty()) {
            throw new SourceException(nothingToRead(paths, leftOut.size()));
        }
        String name = paths.getFirst().toAbsolutePath().normalize().getFileName().toString();
        return new SourceSet(name, files, leftOut, problems);
    }

    /** A stub says again what the source beside it declares. */
    private static void withoutStubs(List<SourceFile> files, List<SourceSet.LeftOut> leftOut) {
        Set<String> paths = files.stream().map(SourceFile::path).collect(Collectors.toSet());
        files.removeIf(file -> {
            boolean again = file.path().endsWith(STUB)
                    && paths.contains(file.path().substring(0, file.path().length() - 1));
            if (again) {
                leftOut.add(new SourceSet.LeftOut(file.path(), "a stub of a source that is here as well"));
            }
            return again;
        });
    }

    private static void choose(SourceFile file, SourceFilter filter, Predicate<SourceFile> readable, String prefix,
            List<SourceFile> files, List<SourceSet.LeftOut> leftOut) {
        if (!readable.test(file)) {
            return;
        }
        String path = prefix + file.path();
        String reason = filter.reasonToLeaveOut(file.path());
        if (reason == null && file.size() > LARGEST_FILE) {
            reason = "%d MB is more than the %d MB that one file may have".formatted(file.size() >> 20,
                    LARGEST_FILE >> 20);
        }
        if (reason != null) {
            leftOut.add(new SourceSet.LeftOut(path, reason));
        } else {
            files.add(new SourceFile(path, file.size(), file.content()));
        }
    }

    private static Listing list(Path path, SourceFilter filter, Predicate<SourceFile> readable)
            throws SourceException {
        int at = path.toString().lastIndexOf('@');
        if (!Files.exists(path) && at > 0 && Files.isDirectory(Path.of(path.toString().substring(0, at)))) {
            return revision(Path.of(path.toString().substring(0, at)), path.toString().substring(at + 1));
        }
        if (!Files.exists(path)) {
            throw new SourceException(
                    "There is no %s. Name a folder, a file, a .zip, .jar, .tar or .tar.gz archive, or repository@revision."
                            .formatted(path));
        }
        if (!Files.isReadable(path)) {
            throw new SourceException(
                    "%s may not be read by you. Change its permissions and try again.".formatted(path));
        }
        try {
            if (Files.isDirectory(path)) {
                return FolderSource.list(path, filter);
            }
            String name = path.getFileName().toString();
            String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
            if (ARCHIVES.contains(ending)) {
                return ArchiveSource.list(path);
            }
            if (TAPES.contains(ending)) {
                return TarSource.list(path, readable);
            }
            return new Listing(List.of(new SourceFile(name, Files.size(path), () -> Files.readAllBytes(path))),
                    List.of(), List.of());
        } catch (IOException e) {
            throw new SourceException(
                    "%s could not be opened: %s. If it is an archive it may be cut off; fetch it again."
                            .formatted(path, e.getMessage()));
        }
    }

    private static Listing revision(Path folder, String revision) throws SourceException {
        try {
            return GitSource.list(folder, revision);
        } catch (IOException | IllegalArgumentException e) {
            throw new SourceException("%s could not be read at \"%s\": %s. Check the repository with \"git fsck\"."
                    .formatted(folder, revision, e.getMessage()));
        }
    }

    private static String nothingToRead(List<Path> paths, int leftOut) {
        String what = "Nothing to read in %s: no file there is in a language Huella reads"
                .formatted(String.join(", ", paths.stream().map(Path::toString).toList()));
        return leftOut == 0
                ? what + ". Name the folder that holds the code."
                : what + ", or all %d were left out. Check the include and exclude globs.".formatted(leftOut);
    }
}
