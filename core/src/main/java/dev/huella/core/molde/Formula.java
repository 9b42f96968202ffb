package dev.huella.core.molde;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** A condition, compiled: names have become numbers of variables. */
public sealed interface Formula {

    /** The condition's own words. */
    String text();

    /** A clause or phrase said of terms. Exactly one of {@code clause} and {@code phrase} is there. */
    record Atom(Clause clause, PhraseDefinition phrase, List<Term> terms, String text, int line) implements Formula {
        public Atom {
            terms = List.copyOf(terms);
        }

        @Override
        public boolean equals(Object other) {
            return other == this || other instanceof Atom atom && line == atom.line && text.equals(atom.text)
                    && clause == atom.clause && phrase == atom.phrase && terms.equals(atom.terms);
        }

        /** Asked for each row that a search looks at: what tells atoms apart quickly is enough. */
        @Override
        public int hashCode() {
            return 31 * text.hashCode() + line;
        }
    }

    /** Holds when the other does not. */
    record Not(Formula of) implements Formula {
        @Override
        public String text() {
            return "not " + of.text();
        }
    }

    /** Holds when all do. */
    record All(List<Formula> of) implements Formula {
        public All {
            of = List.copyOf(of);
        }

        @Override
        public String text() {
            return String.join(" and ", of.stream().map(Formula::text).toList());
        }
    }

    /** Holds when one does. */
    record Either(List<Formula> of) implements Formula {
        public Either {
            of = List.copyOf(of);
        }

        @Override
        public String text() {
            return "either " + String.join(" or ", of.stream().map(Formula::text).toList());
        }
    }

    /** Holds when in every case (or in more than half of them) in which the first holds, the second does. */
    record Whenever(Formula when, Formula then, boolean mostly) implements Formula {
        @Override
        public String text() {
            return (mostly ? "mostly " : "") + "whenever " + when.text() + " then " + then.text();
        }
    }

    /** How many players of a role are meant. */
    enum Quantifier {
        /** Whatever the formula around it is about. */
        PLAIN, EVERY, SOME, NO
    }

    /** What stands at a place of a clause: a variable, or texts. */
    record Term(int variable, Quantifier quantifier, List<String> words) {
        public static Term words(List<String> words) {
            return new Term(-1, Quantifier.PLAIN, List.copyOf(words));
        }

        public boolean isVariable() {
            return variable >= 0;
        }
    }

    /** All variables in it that no quantifier binds, in the order of their numbers. */
    default Set<Integer> variables() {
        Set<Integer> found = new TreeSet<>();
        collect(this, found, false);
        return found;
    }

    /** All variables in it, quantified ones too. */
    default Set<Integer> allVariables() {
        Set<Integer> found = new TreeSet<>();
        collect(this, found, true);
        return found;
    }

    private static void collect(Formula formula, Set<Integer> into, boolean quantified) {
        switch (formula) {
            case Atom atom -> atom.terms()
                    .stream()
                    .filter(Term::isVariable)
                    .filter(term -> quantified || term.quantifier() == Quantifier.PLAIN)
                    .forEach(term -> into.add(term.variable()));
            case Not not -> collect(not.of(), into, quantified);
            case All all -> all.of().forEach(part -> collect(part, into, quantified));
            case Either either -> either.of().forEach(part -> collect(part, into, quantified));
            case Whenever whenever -> {
                collect(whenever.when(), into, quantified);
                collect(whenever.then(), into, quantified);
            }
        }
    }

    /** The atoms in it, in order. */
    default List<Atom> atoms() {
        List<Atom> found = new ArrayList<>();
        switch (this) {
            case Atom atom -> found.add(atom);
            case Not not -> found.addAll(not.of().atoms());
            case All all -> all.of().forEach(part -> found.addAll(part.atoms()));
            case Either either -> either.of().forEach(part -> found.addAll(part.atoms()));
            case Whenever whenever -> {
                found.addAll(whenever.when().atoms());
                found.addAll(whenever.then().atoms());
            }
        }
        return found;
    }
}
