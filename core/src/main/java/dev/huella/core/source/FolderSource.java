package dev.huella.core.source;

import java.io.IOException;
import java.nio.file.FileVisitOption;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Lists a folder. Hidden and build folders are not entered; what cannot be opened becomes a problem. */
final class FolderSource extends SimpleFileVisitor<Path> {
    private static final Set<String> NOT_ENTERED = Set.of("target", "build", "out", "node_modules", "bin");
    private final Path root;
    private final List<SourceFile> files = new ArrayList<>();
    private final List<SourceSet.LeftOut> leftOut = new ArrayList<>();
    private final List<Problem> problems = new ArrayList<>();

    private FolderSource(Path root) {
        this.root = root;
    }

    static Listing list(Path root) throws IOException {
        var visitor = new FolderSource(root);
        Files.walkFileTree(root, EnumSet.of(FileVisitOption.FOLLOW_LINKS), Integer.MAX_VALUE, visitor);
        return new Listing(visitor.files, visitor.leftOut, visitor.problems);
    }

    @Override
    public FileVisitResult preVisitDirectory(Path dir, BasicFileAttributes attributes) {
        if (dir.equals(root)) {
            return FileVisitResult.CONTINUE;
        }
        String name = dir.getFileName().toString();
        if (name.startsWith(".")) {
            return FileVisitResult.SKIP_SUBTREE;
        }
        if (NOT_ENTERED.contains(name) && !looksLikePackage(dir)) {
            leftOut.add(new SourceSet.LeftOut(relative(dir) + "/", "a folder that builds write into"));
            return FileVisitResult.SKIP_SUBTREE;
        }
        return FileVisitResult.CONTINUE;
    }

    /** A package may be called "target" too: then source files lie right in it and their parent holds others. */
    private static boolean looksLikePackage(Path dir) {
        try (var entries = Files.newDirectoryStream(dir, "*.java")) {
            return entries.iterator().hasNext();
        } catch (IOException e) {
            return false; // unreadable: it is reported when it is visited or skipped as a build folder
        }
    }

    @Override
    public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
        if (attributes.isRegularFile()) {
            files.add(new SourceFile(relative(file), attributes.size(), () -> Files.readAllBytes(file)));
        }
        return FileVisitResult.CONTINUE;
    }

    @Override
    public FileVisitResult visitFileFailed(Path file, IOException failure) {
        String why = failure instanceof java.nio.file.FileSystemLoopException
                ? "is a link that leads back to a folder above it; it was not followed"
                : "could not be opened (%s); give yourself the right to read it and read again"
                        .formatted(failure.getClass().getSimpleName().replace("Exception", ""));
        problems.add(new Problem(relative(file), 0, 0, relative(file) + " " + why + "."));
        return FileVisitResult.CONTINUE;
    }

    private String relative(Path path) {
        return root.relativize(path).toString().replace('\\', '/');
    }
}
