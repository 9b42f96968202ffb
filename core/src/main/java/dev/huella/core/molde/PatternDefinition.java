package dev.huella.core.molde;

import java.util.ArrayList;
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
 * @param yields more special patterns that take this one's place where the same elements play
 * @param asks for opportunities: what is suggested and told; null for patterns
 * @param text the definition as written
 */
public record PatternDefinition(String id, String family, String about, List<Role> roles, List<String> variables,
        List<Formula> recognised, List<Variant> variants, List<Obligation> obligations, List<Unlike> unlikes,
        List<Yield> yields, List<Formula> hints, Asks asks, String text) {
    public PatternDefinition {
        roles = List.copyOf(roles);
        variables = List.copyOf(variables);
        recognised = List.copyOf(recognised);
        variants = List.copyOf(variants);
        obligations = List.copyOf(obligations);
        unlikes = List.copyOf(unlikes);
        yields = List.copyOf(yields);
        hints = List.copyOf(hints);
    }

    /**
     * A part to be played.
     *
     * @param key two finds with the same players of key roles are one
     * @param counted it may have several players; otherwise one find has one
     * @param least how many players it needs
     * @param standIn the role whose players also fill this one when nobody else does or its own player is outside the
     *            sources, or null
     * @param joined those players always fill this one too
     * @param writers where functions without a name play it, the types they are written in play it too; as a key
     *            player they are one, whichever place asks for them
     */
    public record Role(String name, Sort sort, boolean key, boolean counted, int least, String standIn,
            boolean joined, boolean writers) {}

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
     * @param unclear when it cannot be told; null where it always can
     * @param otherwise why it is broken, with role names in braces; null when the clause's own words do
     */
    public record Obligation(Level level, String id, String about, Formula owed, Unclear unclear, String otherwise) {}

    /** When an obligation cannot be told from the code, and why. */
    public record Unclear(Formula when, String because) {}

    /** A pattern that takes the place of this one where each pair of roles has a player in common. */
    public record Yield(String pattern, List<Pair> pairs) {
        public Yield {
            pairs = List.copyOf(pairs);
        }

        /**
         * Roles with players in common.
         *
         * @param allButOne true where one in common is not enough: all of mine but one at most have to play the other role
         */
        public record Pair(String mine, String theirs, boolean allButOne) {}
    }

    /**
     * What an opportunity tells.
     *
     * @param suggests ids of patterns, or a remedy in words joined by hyphens
     * @param because the reason, with role names in braces
     * @param touches roles whose files one more case changes today
     * @param afterwards what one more case would touch then
     */
    public record Asks(List<String> suggests, String because, List<String> touches, String afterwards) {
        public Asks {
            suggests = List.copyOf(suggests);
            touches = List.copyOf(touches);
        }
    }

    /** All conditions in it: what it is recognised by, its forms, what it owes, its look-alikes and hints. */
    public List<Formula> formulas() {
        List<Formula> all = new ArrayList<>(recognised);
        variants.forEach(variant -> all.addAll(variant.clauses()));
        obligations.forEach(obligation -> {
            all.add(obligation.owed());
            if (obligation.unclear() != null) {
                all.add(obligation.unclear().when());
            }
        });
        unlikes.forEach(unlike -> all.add(unlike.when()));
        all.addAll(hints);
        return all;
    }

    public boolean isOpportunity() {
        return asks != null;
    }

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
