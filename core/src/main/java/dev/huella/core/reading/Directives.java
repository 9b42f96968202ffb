package dev.huella.core.reading;

import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;

/** Takes the directives of the preprocessor out of a text and leaves of each choice its first branch. */
public final class Directives {
    private final byte[] text;
    /** For each open choice: whether its present branch is kept. */
    private final Deque<Boolean> kept = new ArrayDeque<>();

    /** Depths of choices of which one branch was kept already. */
    private final Set<Integer> taken = new HashSet<>();

    private Directives(byte[] text) {
        this.text = text;
    }

    /** A copy of the same length; line ends stay. {@code #if 0} gives way to what stands in its place. */
    public static byte[] firstBranches(byte[] utf8) {
        var directives = new Directives(utf8.clone());
        int start = 0;
        while (start < utf8.length) {
            start = directives.line(start);
        }
        return directives.text;
    }

    /** Treats one line with those that continue it; returns where the next begins. */
    private int line(int start) {
        int end = endOfLine(start);
        int first = start;
        while (first < end && Character.isWhitespace(text[first])) {
            first++;
        }
        if (first < end && text[first] == '#') {
            while (end < text.length && end > start && (text[end - 1] == '\\' || text[end - 1] == '\r' && end > 1
                    && text[end - 2] == '\\')) {
                end = endOfLine(end + 1);
            }
            String directive = new String(text, first + 1, end - first - 1, StandardCharsets.ISO_8859_1).strip();
            if (!directive.startsWith("include") || kept.contains(false)) {
                choose(directive);
                blank(start, end);
            }
        } else if (kept.contains(false)) {
            blank(start, end);
        }
        return end + 1;
    }

    private void choose(String directive) {
        if (directive.startsWith("if")) {
            kept.push(!directive.matches("if\\s+0\\b.*"));
        } else if (directive.startsWith("el") && !kept.isEmpty()) {
            boolean before = kept.pop();
            kept.push(!before && !taken.contains(kept.size()));
        } else if (directive.startsWith("endif") && !kept.isEmpty()) {
            kept.pop();
            taken.remove(kept.size());
        }
        if (!kept.isEmpty() && kept.peek()) {
            taken.add(kept.size() - 1);
        }
    }

    private int endOfLine(int from) {
        int at = from;
        while (at < text.length && text[at] != '\n') {
            at++;
        }
        return at;
    }

    private void blank(int from, int to) {
        for (int i = from; i < to; i++) {
            if (text[i] != '\n' && text[i] != '\r') {
                text[i] = ' ';
            }
        }
    }
}
