package dev.huella.core.source;

import java.nio.file.FileSystems;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.util.List;
import java.util.regex.PatternSyntaxException;

/**
 * Which files of a source to take, by globs over the path inside the source. No include means all.
 * A glob without a slash is tried on the file's name alone; {@code dir/} stands for all below it.
 */
public record SourceFilter(List<String> includes, List<String> excludes) {
    public static final SourceFilter ALL = new SourceFilter(List.of(), List.of());

    public SourceFilter {
        includes = List.copyOf(includes);
        excludes = List.copyOf(excludes);
        includes.forEach(SourceFilter::matcher);
        excludes.forEach(SourceFilter::matcher);
    }

    /** Null when the file is taken, else the reason it is not. */
    public String reasonToLeaveOut(String path) {
        if (!includes.isEmpty() && includes.stream().noneMatch(glob -> matches(glob, path))) {
            return "not among the included";
        }
        return excludes.stream()
                .filter(glob -> matches(glob, path))
                .findFirst()
                .map(glob -> "excluded by " + glob)
                .orElse(null);
    }

    private static boolean matches(String glob, String path) {
        Path whole = Path.of(path);
        PathMatcher matcher = matcher(glob);
        return glob.contains("/") ? matcher.matches(whole) : matcher.matches(whole.getFileName());
    }

    private static PathMatcher matcher(String glob) {
        String full = glob.endsWith("/") ? glob + "**" : glob;
        try {
            return FileSystems.getDefault().getPathMatcher("glob:" + full);
        } catch (PatternSyntaxException e) {
            throw new IllegalArgumentException("The glob \"%s\" is not complete: %s. Write for example \"**/dues/**\"."
                    .formatted(glob, e.getDescription()), e);
        }
    }
}
