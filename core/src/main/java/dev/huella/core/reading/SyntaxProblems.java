package dev.huella.core.reading;

import dev.huella.core.source.Problem;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Turns the unreadable stretches of a tree into sentences. One line gets one sentence. */
public final class SyntaxProblems {
    private static final int MOST = 20;
    private static final int LONGEST_QUOTE = 40;

    private SyntaxProblems() {}

    /** In the order of the file, at most twenty. */
    public static List<Problem> of(SyntaxTree tree) {
        List<Problem> found = new ArrayList<>();
        int lastLine = 0;
        for (SyntaxNode error : tree.errors()) {
            SourceSpan at = error.span();
            if (at.line() == lastLine || found.size() == MOST) {
                continue;
            }
            lastLine = at.line();
            found.add(new Problem(tree.path(), at.line(), at.column(), message(error)));
        }
        if (found.isEmpty() && tree.broken()) {
            found.add(new Problem(tree.path(), 1, 1, "Part of this file did not parse; the rest was used."));
        }
        return found;
    }

    private static String message(SyntaxNode error) {
        if (!error.is("ERROR")) {
            return "Expected \"%s\" here; the rest of the file was used.".formatted(error.kind());
        }
        String text = error.text().strip().replaceAll("\\s+", " ");
        String quote = text.length() > LONGEST_QUOTE ? text.substring(0, LONGEST_QUOTE) + " …" : text;
        return "Could not read \"%s\" as code; the rest of the file was used.".formatted(quote);
    }
}
