package dev.huella.core.source;

import java.util.List;

/**
 * What a source holds: files taken, in path order, files left out with the reason, and what could not be opened.
 *
 * @param name what people call it: the name of the folder or archive
 */
public record SourceSet(String name, List<SourceFile> files, List<LeftOut> leftOut, List<Problem> problems) {
    public SourceSet {
        files = List.copyOf(files);
        leftOut = List.copyOf(leftOut);
        problems = List.copyOf(problems);
    }

    /** A file that is there but not read, and why, in words for a person. */
    public record LeftOut(String path, String reason) {}
}
