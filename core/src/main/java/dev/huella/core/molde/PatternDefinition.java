package dev.huella.core.molde;

import java.util.List;
import java.util.Locale;

/**
 * A pattern, compiled from its text.
 *
 * @param family creational, structural or behavioural
 * @param about one sentence
 * @param roles in the order written; a role's place is its variable's number
 * @param variables names of all variables, roles first
 * @param recognised what must hold in every form
 * @param variants accepted forms, in order; the first that holds names the find. Empty when there is one form only
 * @param text the definition as written
 */
public record PatternDefinition(String id, String family, String about, List<Role> roles, List<String> variables,
        List<Formula> recognised, List<Variant> variants, List<Obligation> obligations, List<Unlike> unlikes,
        List<Formula> hints, String text) {
    public PatternDefinition {
        roles = List.copyOf(roles);
        variables = List.copyOf(variables);
        recognised = List.copyOf(recognised);
        variants = List.copyOf(variants);
        obligations = List.copyOf(obligations);
        unlikes = List.copyOf(unlikes);
        hints = List.copyOf(hints);
    }

    /**
     * A part to be played.
     *
     * @param key two finds with the same players of key roles are one
     * @param counted it may have several players; otherwise one find has one
     * @param least how many players it needs
     * @param standIn the role whose players also fill this one when its own player is outside the sources, or null
     */
    public record Role(String name, Sort sort, boolean key, boolean counted, int least, String standIn) {}

    /** An accepted form. */
    public record Variant(String name, String about, List<Formula> clauses) {
        public Variant {
            clauses = List.copyOf(clauses);
        }
    }

    /** How much an obligation weighs. */
    public enum Level {
        MUST, SHOULD, ADVICE;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Something that an instance must keep.
     *
     * @param about the obligation in words, when it is kept
     * @param otherwise why it is broken, with role names in braces; null when the clause's own words do
     */
    public record Obligation(Level level, String id, String about, Formula owed, String otherwise) {}

    /**
     * A look-alike and the fact that decides.
     *
     * @param when what makes it the other pattern
     * @param about the deciding fact in words when it is the other
     * @param otherwise the deciding fact in words when it is this one
     */
    public record Unlike(String pattern, Formula when, String about, String otherwise) {}

    /** The role's number; -1 when there is none of that name. */
    public int role(String name) {
        for (int i = 0; i < roles.size(); i++) {
            if (roles.get(i).name().equals(name)) {
                return i;
            }
        }
        return -1;
    }
}
