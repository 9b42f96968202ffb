package dev.huella.core.molde;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.ServiceLoader;
import java.util.TreeMap;

/** All sentences a clause may be: those supplied in Java and the phrases defined in Molde. */
public final class ClauseForms {
    private final List<Form> forms = new ArrayList<>();

    /** A sentence in parts. Exactly one of {@code clause} and {@code phrase} is there. */
    record Form(List<String> parts, Clause clause, PhraseDefinition phrase) {
        static final String OPEN = "{";

        static boolean isPlace(String part) {
            return part.startsWith(OPEN);
        }

        static Sort sort(String part) {
            return Sort.valueOf(part.substring(1, part.length() - 1).toUpperCase(java.util.Locale.ROOT));
        }
    }

    /** The clauses supplied in Java. Two with one sentence are a bug. */
    public static ClauseForms supplied() {
        var found = new ClauseForms();
        var bySyntax = new TreeMap<String, Clause>();
        for (Clause clause : ServiceLoader.load(Clause.class)) {
            Clause other = bySyntax.put(clause.syntax(), clause);
            if (other != null) {
                throw new IllegalStateException("Both %s and %s say \"%s\"".formatted(other.getClass().getName(),
                        clause.getClass().getName(), clause.syntax()));
            }
        }
        bySyntax.values()
                .forEach(
                        clause -> found.forms.add(new Form(List.of(clause.syntax().split(" ")), clause, null)));
        return found;
    }

    void add(PhraseDefinition phrase) {
        forms.add(new Form(List.of(phrase.syntax().split(" ")), null, phrase));
    }

    Collection<Form> all() {
        return forms;
    }
}
