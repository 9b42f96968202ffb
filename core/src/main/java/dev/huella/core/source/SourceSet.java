package dev.huella.core.source;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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

    /** The same without files that were found to be left out, each with its reason. */
    public SourceSet without(Map<String, String> reasons) {
        if (reasons.isEmpty()) {
            return this;
        }
        List<LeftOut> all = new ArrayList<>(leftOut);
        reasons.forEach((path, reason) -> all.add(new LeftOut(path, reason)));
        return new SourceSet(name, files.stream().filter(file -> !reasons.containsKey(file.path())).toList(), all,
                problems);
    }

    /** A file that is there but not read, and why, in words for a person. */
    public record LeftOut(String path, String reason) {}
}
