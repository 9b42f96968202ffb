package dev.huella.core.source;

import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.regex.PatternSyntaxException;

/**
 * Which files of a source to take, by globs over the path inside the source. No include means all.
 * {@code taken}: rules for leaving out that are switched off. A glob without a slash is tried on the file's name alone; {@code dir/} stands for all below it.
 */
public record SourceFilter(List<String> includes, List<String> excludes, Set<LeaveOut> taken) {
    private static final Pattern XML = Pattern.compile("\\uFEFF?\\s{0,20}<(?:\\?xml\\b|!DOCTYPE\\b)");
    /** So many bytes tell what a file is. */
    private static final int HEAD = 100;
    public static final SourceFilter ALL = new SourceFilter(List.of(), List.of());

    /** All rules for leaving out hold. */
    public SourceFilter(List<String> includes, List<String> excludes) {
        this(includes, excludes, Set.of());
    }

    public SourceFilter {
        taken = Set.copyOf(taken);
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
        for (String glob : excludes) {
            if (matches(glob, path)) {
                return "excluded by " + glob;
            }
        }
        for (LeaveOut rule : LeaveOut.values()) {
            if (!taken.contains(rule) && rule.holds(path)) {
                return rule.reason();
            }
        }
        return null;
    }

    /** Null when the file is taken, else the reason that its text gives for leaving it out. */
    public String reasonToLeaveOut(String path, byte[] utf8) {
        if (path.endsWith(".ts") && isXml(utf8)) {
            return "a document in XML, as translations are, that only ends like a source";
        }
        for (LeaveOut rule : LeaveOut.values()) {
            if (!taken.contains(rule) && rule.holds(path, utf8)) {
                return rule.reason();
            }
        }
        return null;
    }

    private static boolean isXml(byte[] utf8) {
        return XML.matcher(new String(utf8, 0, Math.min(utf8.length, HEAD), StandardCharsets.UTF_8)).lookingAt();
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
