package dev.huella.core.molde;

import dev.huella.core.molde.ClauseForms.Form;
import dev.huella.core.molde.Formula.Quantifier;
import dev.huella.core.molde.Formula.Term;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import org.antlr.v4.runtime.Token;

/** Holds the words of one clause against all forms there are. */
final class ClauseMatcher {
    private static final Map<String, Quantifier> QUANTIFIERS = Map.of("every", Quantifier.EVERY, "any", Quantifier.SOME,
            "some", Quantifier.SOME, "no", Quantifier.NO);
    private final ClauseForms forms;
    private final VariableScope scope;

    ClauseMatcher(ClauseForms forms, VariableScope scope) {
        this.forms = forms;
        this.scope = scope;
    }

    /** How far a form fits: to the end, or to a token where something else was expected. */
    private record Fit(Form form, List<Term> terms, int at, String expected) {
        boolean whole() {
            return expected == null;
        }
    }

    /** Thrown to the compiler, which turns it into a problem at that token. */
    static final class Misfit extends Exception {
        private static final long serialVersionUID = 1L;
        private final transient Token at;

        Misfit(Token at, String message) {
            super(message);
            this.at = at;
        }

        Token at() {
            return at;
        }
    }

    Formula.Atom match(List<Token> tokens, String text) throws Misfit {
        Fit best = null;
        for (Form form : forms.having(words(tokens))) {
            Fit fit = fit(form, tokens);
            best = fit.whole() && (best == null || form.words() > best.form.words()) ? fit : best;
        }
        if (best == null) {
            throw misfit(forms.all().stream().map(form -> fit(form, tokens)).toList(), tokens);
        }
        settleSorts(best);
        return new Formula.Atom(best.form.clause(), best.form.phrase(), best.terms, text, tokens.getFirst().getLine());
    }

    private static List<String> words(List<Token> tokens) {
        return tokens.stream().map(Token::getText).toList();
    }

    /**
     * Learns what sort a local name is of, where all forms that fit agree. True when something new was learnt: then
     * other clauses may become clear that were not before.
     */
    boolean learn(List<Token> tokens) {
        Map<Integer, Set<Sort>> sorts = new HashMap<>();
        for (Form form : forms.having(words(tokens))) {
            Fit fit = fit(form, tokens);
            if (fit.whole()) {
                each(fit, (variable, sort) -> sorts.computeIfAbsent(variable, key -> new HashSet<>()).add(sort));
            }
        }
        boolean learnt = false;
        for (var entry : sorts.entrySet()) {
            if (entry.getValue().size() == 1 && !scope.settled(entry.getKey())) {
                scope.settle(entry.getKey(), entry.getValue().iterator().next());
                learnt = true;
            }
        }
        return learnt;
    }

    /** Told of each variable of a fitting clause and the sort of its place. */
    private static void each(Fit fit, BiConsumer<Integer, Sort> told) {
        int place = 0;
        for (Sort sort : fit.form.sorts()) {
            if (sort != null) {
                Term term = fit.terms.get(place++);
                if (term.isVariable()) {
                    told.accept(term.variable(), sort);
                }
            }
        }
    }

    private Fit fit(Form form, List<Token> tokens) {
        List<Term> terms = new ArrayList<>();
        int at = 0;
        for (int i = 0; i < form.parts().size(); i++) {
            String part = form.parts().get(i);
            Sort sort = form.sorts().get(i);
            if (at >= tokens.size()) {
                return new Fit(form, terms, at, describe(part, sort));
            }
            if (sort == null) {
                if (!tokens.get(at).getText().equals(part)) {
                    return new Fit(form, terms, at, part);
                }
                at++;
                continue;
            }
            int next = place(sort, tokens, at, terms);
            if (next < 0) {
                return new Fit(form, terms, at, describe(part, sort));
            }
            at = next;
        }
        return at == tokens.size() ? new Fit(form, terms, at, null) : new Fit(form, terms, at, "the end of the line");
    }

    /** Takes what stands at a place; -1 when nothing fitting does. */
    private int place(Sort sort, List<Token> tokens, int start, List<Term> terms) {
        int at = start;
        if (sort == Sort.WORDS) {
            List<String> words = new ArrayList<>();
            while (at < tokens.size() && tokens.get(at).getText().startsWith("\"")) {
                String quoted = tokens.get(at++).getText();
                words.add(quoted.substring(1, quoted.length() - 1));
            }
            terms.add(Term.words(words));
            return words.isEmpty() ? -1 : at;
        }
        Quantifier quantifier = QUANTIFIERS.get(tokens.get(at).getText());
        if (quantifier != null && ++at >= tokens.size()) {
            return -1;
        }
        String name = tokens.get(at).getText();
        Sort known = scope.sort(name);
        boolean local = Character.isUpperCase(name.charAt(0));
        if (!local && known == null || known != null && known != sort) {
            return -1;
        }
        terms.add(new Term(scope.number(name), quantifier == null ? Quantifier.PLAIN : quantifier, List.of()));
        return at + 1;
    }

    /** Local names get their sort from the first clause that speaks of them. */
    private void settleSorts(Fit fit) {
        each(fit, scope::settle);
    }

    private static String describe(String part, Sort sort) {
        return sort == null ? part : "a " + sort.word();
    }

    private Misfit misfit(List<Fit> fits, List<Token> tokens) {
        int furthest = fits.stream().mapToInt(Fit::at).max().orElse(0);
        var expected = new TreeSet<String>();
        fits.stream().filter(fit -> fit.at == furthest).forEach(fit -> expected.add(fit.expected));
        Token at = tokens.get(Math.min(furthest, tokens.size() - 1));
        Misfit otherSort = otherSort(tokens);
        if (otherSort != null) {
            return otherSort;
        }
        if (furthest >= tokens.size()) {
            return new Misfit(at, "The clause stops after \"%s\"; expected %s".formatted(at.getText(), list(expected)));
        }
        String word = at.getText();
        var candidates = new TreeSet<>(expected);
        candidates.addAll(scope.names());
        String nearest = NearestWord.to(word, candidates);
        String hint = nearest == null ? "" : " Did you mean \"" + nearest + "\"?";
        return new Misfit(at, "\"%s\" does not fit here; expected %s.%s".formatted(word, list(expected), hint));
    }

    /** The clause would fit if one local name were not known to be of another sort; null when that is not the fault. */
    private Misfit otherSort(List<Token> tokens) {
        for (Token token : tokens) {
            String name = token.getText();
            Sort known = Character.isUpperCase(name.charAt(0)) ? scope.sort(name) : null;
            if (known != null) {
                int variable = scope.number(name);
                scope.settle(variable, null);
                boolean fits = forms.all().stream().anyMatch(form -> fit(form, tokens).whole());
                scope.settle(variable, known);
                if (fits) {
                    return new Misfit(token,
                            "\"%s\" stands for a %s elsewhere in this definition; use another name here."
                                    .formatted(name, known.word()));
                }
            }
        }
        return null;
    }

    private static String list(TreeSet<String> words) {
        List<String> some = words.stream().limit(12).toList();
        return String.join(", ", some) + (words.size() > some.size() ? ", …" : "");
    }
}
