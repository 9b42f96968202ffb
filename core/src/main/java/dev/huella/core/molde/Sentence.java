package dev.huella.core.molde;

import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence of a definition, with names of roles in braces; {@code {A or B}} is the first of them that is filled. */
public final class Sentence {
    private static final Pattern NAMED = Pattern.compile("\\{([^}]+)\\}");
    private static final Pattern VERB = Pattern.compile(" ([a-z]+)(?![\\w-])");

    private Sentence() {}

    /** The names that it speaks of, in their order. */
    static List<String> names(String words) {
        return NAMED.matcher(words).results().flatMap(named -> alternatives(named.group(1)).stream()).toList();
    }

    /**
     * The sentence with what the names are filled with; {@code filled} gives nothing for a name that nothing fills. The
     * verb that follows agrees with how many they are.
     */
    public static String with(String words, Function<String, List<String>> filled) {
        Matcher named = NAMED.matcher(words);
        var sentence = new StringBuilder();
        int end = 0;
        while (named.find()) {
            List<String> alternatives = alternatives(named.group(1));
            List<String> names = alternatives.stream()
                    .map(filled)
                    .filter(found -> !found.isEmpty())
                    .findFirst()
                    .orElse(List.of(alternatives.getFirst()));
            sentence.append(words, end, named.start()).append(listed(names));
            end = named.end();
            Matcher verb = VERB.matcher(words).region(end, words.length());
            if (names.stream().distinct().count() > 1 && verb.lookingAt()) {
                sentence.append(' ').append(ofMany(verb.group(1)));
                end = verb.end();
            }
        }
        return sentence.append(words, end, words.length()).toString();
    }

    /** Names as a list for a sentence, the first ones of many. */
    public static String listed(List<String> names) {
        List<String> distinct = names.stream().distinct().toList();
        if (distinct.size() <= 3) {
            return distinct.size() < 2
                    ? String.join("", distinct)
                    : String.join(", ", distinct.subList(0, distinct.size() - 1)) + " and " + distinct.getLast();
        }
        return "%s, %s and %d more".formatted(distinct.get(0), distinct.get(1), distinct.size() - 2);
    }

    /** The form that a verb said of one has when it is said of several. */
    public static String ofMany(String verb) {
        return switch (verb) {
            case "is" -> "are";
            case "has" -> "have";
            case "does" -> "do";
            case "goes" -> "go";
            case "as" -> "as";
            default -> verb.replaceFirst("(?<=ss|sh|ch|x)es$|(?<=[^s])s$", "").replaceFirst("([^aeo])ie$", "$1y");
        };
    }

    private static List<String> alternatives(String inBraces) {
        return List.of(inBraces.split(" or "));
    }
}
