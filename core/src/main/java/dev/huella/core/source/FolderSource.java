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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.eclipse.jgit.ignore.IgnoreNode;

/** Lists a folder. Hidden and build folders are not entered; what cannot be opened becomes a problem. */
final class FolderSource extends SimpleFileVisitor<Path> {
    private static final Set<String> NOT_ENTERED = Set.of("target", "build", "out", "node_modules", "bin", "obj",
            "__pycache__");
    private final SourceFilter filter;
    private final Map<Path, IgnoreNode> ignored = new HashMap<>();
    private final Path root;
    private final List<SourceFile> files = new ArrayList<>();
    private final List<SourceSet.LeftOut> leftOut = new ArrayList<>();
    private final List<Problem> problems = new ArrayList<>();

    private FolderSource(Path root, SourceFilter filter) {
        this.root = root;
        this.filter = filter;
    }

    static Listing list(Path root, SourceFilter filter) throws IOException {
        var visitor = new FolderSource(root, filter);
        Files.walkFileTree(root, EnumSet.of(FileVisitOption.FOLLOW_LINKS), Integer.MAX_VALUE, visitor);
        return new Listing(visitor.files, visitor.leftOut, visitor.problems);
    }

    @Override
    public FileVisitResult preVisitDirectory(Path dir, BasicFileAttributes attributes) {
        readIgnored(dir);
        if (dir.equals(root)) {
            return FileVisitResult.CONTINUE;
        }
        String name = dir.getFileName().toString();
        if (name.startsWith(".")) {
            return FileVisitResult.SKIP_SUBTREE;
        }
        if (isIgnored(dir, true)) {
            leftOut.add(new SourceSet.LeftOut(relative(dir) + "/", LeaveOut.IGNORED.reason()));
            return FileVisitResult.SKIP_SUBTREE;
        }
        if (!filter.taken().contains(LeaveOut.BUILT) && NOT_ENTERED.contains(name) && !looksLikePackage(dir)) {
            leftOut.add(new SourceSet.LeftOut(relative(dir) + "/", "a folder that builds write into"));
            return FileVisitResult.SKIP_SUBTREE;
        }
        return FileVisitResult.CONTINUE;
    }

    /** A package may be called "target" too: then source files lie right in it. Scripts lie in "bin" as they are. */
    private static boolean looksLikePackage(Path dir) {
        String scripts = dir.getFileName().toString().equals("bin") ? ",js,mjs,cjs,ts" : "";
        try (var entries = Files.newDirectoryStream(dir, "*.{java,kt,cs,py,rb,php,swift" + scripts + "}")) {
            return entries.iterator().hasNext();
        } catch (IOException e) {
            return false; // unreadable: it is reported when it is visited or skipped as a build folder
        }
    }

    @Override
    public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
        if (attributes.isRegularFile() && isIgnored(file, false)) {
            leftOut.add(new SourceSet.LeftOut(relative(file), LeaveOut.IGNORED.reason()));
        } else if (attributes.isRegularFile()) {
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

    private void readIgnored(Path dir) {
        Path list = dir.resolve(".gitignore");
        if (!filter.taken().contains(LeaveOut.IGNORED) && Files.isRegularFile(list)) {
            try (var in = Files.newInputStream(list)) {
                var node = new IgnoreNode();
                node.parse(in);
                ignored.put(dir, node);
            } catch (IOException e) {
                problems.add(new Problem(relative(list), 0, 0,
                        "%s could not be read; nothing was left out by it.".formatted(relative(list))));
            }
        }
    }

    /** The nearest list that speaks of the path decides. */
    private boolean isIgnored(Path path, boolean folder) {
        if (ignored.isEmpty()) {
            return false;
        }
        for (Path dir = path.getParent(); dir != null && dir.startsWith(root); dir = dir.getParent()) {
            IgnoreNode node = ignored.get(dir);
            Boolean said = node == null
                    ? null
                    : node.checkIgnored(dir.relativize(path).toString().replace('\\', '/'), folder);
            if (said != null) {
                return said;
            }
        }
        return false;
    }

    private String relative(Path path) {
        return root.relativize(path).toString().replace('\\', '/');
    }
}
