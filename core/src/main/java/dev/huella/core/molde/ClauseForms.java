package dev.huella.core.molde;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.ServiceLoader;
import java.util.TreeMap;

/** All sentences a clause may be: those supplied in Java and the phrases defined in Molde. */
public final class ClauseForms {
    private static final BitSet NONE = new BitSet();
    private final List<Form> forms = new ArrayList<>();
    /** Places in the list by a word of theirs. */
    private final Map<String, BitSet> byWord = new HashMap<>();

    /**
     * A sentence in parts. Exactly one of {@code clause} and {@code phrase} is there.
     *
     * @param sorts what stands at each part that is a place; null for a word
     */
    record Form(List<String> parts, List<Sort> sorts, Clause clause, PhraseDefinition phrase) {
        Form(String syntax, Clause clause, PhraseDefinition phrase) {
            this(List.of(syntax.split(" ")), new ArrayList<>(), clause, phrase);
            parts.forEach(part -> sorts.add(Sort.at(part)));
        }

        int words() {
            return (int) sorts.stream().filter(Objects::isNull).count();
        }

        /** A word that every clause of this form has; null when it has none. */
        private String word() {
            int at = sorts.indexOf(null);
            return at < 0 ? null : parts.get(at);
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
                        clause -> found.add(new Form(clause.syntax(), clause, null)));
        return found;
    }

    void add(PhraseDefinition phrase) {
        add(new Form(phrase.syntax(), null, phrase));
    }

    private void add(Form form) {
        byWord.computeIfAbsent(form.word(), key -> new BitSet()).set(forms.size());
        forms.add(form);
    }

    /** The forms that a clause of these words may be of: the others have a word that it has not. */
    List<Form> having(Collection<String> words) {
        var found = new BitSet();
        found.or(byWord.getOrDefault(null, NONE));
        words.forEach(word -> found.or(byWord.getOrDefault(word, NONE)));
        return found.stream().mapToObj(forms::get).toList();
    }

    Collection<Form> all() {
        return forms;
    }
}
