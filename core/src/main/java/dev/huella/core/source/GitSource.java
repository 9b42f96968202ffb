package dev.huella.core.source;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.eclipse.jgit.lib.FileMode;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.revwalk.RevWalk;
import org.eclipse.jgit.storage.file.FileRepositoryBuilder;
import org.eclipse.jgit.treewalk.TreeWalk;
import org.eclipse.jgit.treewalk.filter.PathFilter;

/** Lists a git repository as it was at a branch, tag or commit, straight from its objects: nothing is checked out. */
final class GitSource {
    private GitSource() {}

    /**
     * Lists the files of a revision.
     *
     * @param folder the repository, or a folder inside its work tree: then only what is below it
     */
    static Listing list(Path folder, String revision) throws IOException, SourceException {
        var builder = new FileRepositoryBuilder().findGitDir(folder.toAbsolutePath().toFile());
        if (builder.getGitDir() == null) {
            throw new SourceException("%s is not in a git repository, so it has no revision \"%s\". Name a repository."
                    .formatted(folder, revision));
        }
        Path gitDir = builder.getGitDir().toPath();
        try (Repository repository = builder.build(); var walk = new RevWalk(repository)) {
            ObjectId found = repository.resolve(revision + "^{commit}");
            if (found == null) {
                throw new SourceException(
                        "There is no branch, tag or commit \"%s\" in %s. \"git log\" and \"git tag\" list what there is."
                                .formatted(revision, folder));
            }
            return list(repository, walk.parseCommit(found).getTree(), below(repository, folder), gitDir);
        }
    }

    private static String below(Repository repository, Path folder) {
        if (repository.isBare()) {
            return "";
        }
        Path top = repository.getWorkTree().toPath().toAbsolutePath().normalize();
        Path own = folder.toAbsolutePath().normalize();
        return own.startsWith(top) ? top.relativize(own).toString().replace('\\', '/') : "";
    }

    private static Listing list(Repository repository, ObjectId tree, String below, Path gitDir) throws IOException {
        List<SourceFile> files = new ArrayList<>();
        try (var walk = new TreeWalk(repository)) {
            walk.addTree(tree);
            walk.setRecursive(true);
            if (!below.isEmpty()) {
                walk.setFilter(PathFilter.create(below));
            }
            while (walk.next()) {
                if (walk.getFileMode(0) == FileMode.REGULAR_FILE || walk.getFileMode(0) == FileMode.EXECUTABLE_FILE) {
                    ObjectId id = walk.getObjectId(0);
                    String path = below.isEmpty()
                            ? walk.getPathString()
                            : walk.getPathString().substring(below.length() + 1);
                    long size = walk.getObjectReader().getObjectSize(id, org.eclipse.jgit.lib.Constants.OBJ_BLOB);
                    files.add(new SourceFile(path, size, () -> bytes(gitDir, id)));
                }
            }
        }
        return new Listing(files, List.of(), List.of());
    }

    private static byte[] bytes(Path gitDir, ObjectId id) throws IOException {
        try (Repository repository = new FileRepositoryBuilder().setGitDir(gitDir.toFile()).build()) {
            return repository.open(id).getCachedBytes((int) Sources.LARGEST_FILE);
        }
    }
}
