package dev.huella.core.source;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Compiled Java types of a listing, each outermost one as a file whose text is its header in Java. What has its
 * source beside it is left out, and so are the parts of a type: they stand in the text of the outermost one.
 */
final class CompiledTypes {
    private static final String ENDING = ".class";
    /** Endings of languages whose sources become such files. */
    private static final Set<String> SOURCES = Set.of("java", "kt", "groovy", "scala");
    /** Where an archive keeps the same types for later versions of Java. */
    private static final String LATER = "META-INF/versions/";
    private static final Set<String> NO_TYPES = Set.of("package-info.class", "module-info.class");

    private CompiledTypes() {}

    /** The same listing with headers in place of compiled files. */
    static Listing asHeaders(Listing listing) {
        Map<String, SourceFile> compiled = new HashMap<>();
        Set<String> written = new HashSet<>();
        for (SourceFile file : listing.files()) {
            if (file.path().endsWith(ENDING)) {
                compiled.put(file.path(), file);
            } else if (SOURCES.contains(file.extension())) {
                written.add(lastTwoNames(file.path()));
            }
        }
        if (compiled.isEmpty()) {
            return listing;
        }
        List<SourceFile> files = new ArrayList<>();
        List<SourceSet.LeftOut> leftOut = new ArrayList<>(listing.leftOut());
        for (SourceFile file : listing.files()) {
            if (!file.path().endsWith(ENDING)) {
                files.add(file);
            } else if (file.path().startsWith(LATER)) {
                leftOut.add(new SourceSet.LeftOut(file.path(), "the same for a later version of Java"));
            } else if (written.contains(lastTwoNames(file.path()))) {
                leftOut.add(new SourceSet.LeftOut(file.path(), "compiled from a source that is here as well"));
            } else if (!isPart(file.path(), compiled) && !NO_TYPES.contains(name(file.path()))) {
                files.add(new SourceFile(file.path(), file.size(), () -> text(file, compiled)));
            }
        }
        return new Listing(files, leftOut, listing.problems());
    }

    private static byte[] text(SourceFile file, Map<String, SourceFile> compiled) throws IOException {
        String folder = file.path().substring(0, file.path().length() - name(file.path()).length());
        return TypeHeader.of(file.content().bytes(), part -> {
            SourceFile found = compiled.get(folder + part + ENDING);
            return found == null ? null : found.content().bytes();
        });
    }

    /** A dollar sign may belong to a name: it is a part only when the type around it is there. */
    private static boolean isPart(String path, Map<String, SourceFile> compiled) {
        int start = path.length() - name(path).length();
        for (int at = path.indexOf('$', start + 1); at > 0; at = path.indexOf('$', at + 1)) {
            if (compiled.containsKey(path.substring(0, at) + ENDING)) {
                return true;
            }
        }
        return false;
    }

    private static String name(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    /** Folder and name without the ending, and without what follows a dollar sign. */
    private static String lastTwoNames(String path) {
        int slash = path.lastIndexOf('/');
        String name = path.substring(slash + 1);
        String folder = slash < 0 ? "" : path.substring(path.lastIndexOf('/', slash - 1) + 1, slash);
        int end = name.indexOf('$') > 0 ? name.indexOf('$') : name.indexOf('.') < 0 ? name.length() : name.indexOf('.');
        return folder + "/" + name.substring(0, end);
    }
}
