package dev.huella.core.molde;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence of a definition, with names of roles in braces; {@code {A or B}} is the first of them that is filled. */
public final class Sentence {
    private static final Pattern NAMED = Pattern.compile("\\{([^}]+)\\}");

    private Sentence() {}

    /** The names that it speaks of, in their order. */
    static List<String> names(String words) {
        return NAMED.matcher(words).results().flatMap(named -> alternatives(named.group(1)).stream()).toList();
    }

    /** The sentence with what the names are filled with; {@code filled} gives null for a name that nothing fills. */
    public static String with(String words, UnaryOperator<String> filled) {
        Matcher named = NAMED.matcher(words);
        var sentence = new StringBuilder();
        while (named.find()) {
            List<String> names = alternatives(named.group(1));
            String name = names.stream()
                    .map(filled)
                    .filter(found -> found != null)
                    .findFirst()
                    .orElse(names.getFirst());
            named.appendReplacement(sentence, Matcher.quoteReplacement(name));
        }
        return named.appendTail(sentence).toString();
    }

    private static List<String> alternatives(String inBraces) {
        return List.of(inBraces.split(" or "));
    }
}
