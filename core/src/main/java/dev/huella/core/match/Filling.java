package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Term;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Set;

/** What variables may be filled with, and whether a row or a test agrees with what they are filled with. */
final class Filling {
    static final int OPEN = -1;
    /** So many are looked up one by one rather than by going through a table. */
    private static final int FEW = 64;
    private final Model model;
    private final BitSet[] domains;
    /** The elements of small domains; null for others. */
    private final int[][] few;
    private boolean restricted;

    Filling(Model model, int variables) {
        this.model = model;
        this.domains = new BitSet[variables];
        this.few = new int[variables][];
    }

    void restrict(int variable, Set<Integer> elements) {
        domains[variable] = new BitSet();
        elements.forEach(domains[variable]::set);
        few[variable] = elements.size() > FEW ? null : domains[variable].stream().toArray();
        restricted = true;
    }

    /** By variable; null where it may be filled with anything. */
    void restrict(BitSet[] to) {
        System.arraycopy(to, 0, domains, 0, domains.length);
        for (int variable = 0; variable < to.length; variable++) {
            boolean small = to[variable] != null && to[variable].cardinality() <= FEW;
            few[variable] = small ? to[variable].stream().toArray() : null;
        }
        restricted = true;
    }

    /** Whether a variable may be filled with some elements only. */
    boolean isRestricted(int variable) {
        return domains[variable] != null;
    }

    /** What a variable may be filled with, when that is little; else null. */
    int[] few(int variable) {
        return few[variable];
    }

    /** Whether one of the variables may be filled with little. */
    boolean isOneOfFew(int[] variables) {
        for (int variable : variables) {
            if (few[variable] != null) {
                return true;
            }
        }
        return false;
    }

    /** What each variable may be filled with; null for anything. */
    BitSet[] domains() {
        return domains.clone();
    }

    /** The same, with what is filled already. */
    BitSet[] domains(int[] env) {
        BitSet[] known = domains();
        for (int variable = 0; variable < known.length; variable++) {
            if (env[variable] != OPEN) {
                known[variable] = new BitSet();
                known[variable].set(env[variable]);
            }
        }
        return known;
    }

    void unrestrict() {
        Arrays.fill(domains, null);
        Arrays.fill(few, null);
        restricted = false;
    }

    /** Writes what is filled and what the row adds into {@code inner}; false when they disagree. */
    static boolean fill(Node node, int row, int[] env, int[] inner) {
        System.arraycopy(env, 0, inner, 0, env.length);
        int[] columns = node.columns();
        for (int column = 0; column < columns.length; column++) {
            int cell = node.table().cell(row, column);
            if (inner[columns[column]] == OPEN) {
                inner[columns[column]] = cell;
            } else if (inner[columns[column]] != cell) {
                return false;
            }
        }
        return true;
    }

    /** True when each variable of the node is filled with one of those it may be filled with. */
    boolean allowed(Node node, int[] env) {
        if (restricted) {
            for (int variable : node.variables()) {
                if (domains[variable] != null && !domains[variable].get(env[variable])) {
                    return false;
                }
            }
        }
        return true;
    }

    /** A test of something open holds when it does for one of those it may be. */
    boolean holds(Formula.Atom atom, int[] env) {
        for (Term term : atom.terms()) {
            if (term.isVariable() && env[term.variable()] == OPEN) {
                int[] filled = env.clone();
                BitSet domain = domains[term.variable()] == null ? new BitSet() : domains[term.variable()];
                return domain.stream().anyMatch(element -> {
                    filled[term.variable()] = element;
                    return holds(atom, filled);
                });
            }
        }
        return test(atom, env);
    }

    private boolean test(Formula.Atom atom, int[] env) {
        List<Element> elements = new ArrayList<>();
        List<String> words = List.of();
        for (Term term : atom.terms()) {
            if (!term.isVariable()) {
                words = term.words();
            } else {
                elements.add(model.element(env[term.variable()]));
            }
        }
        return ((Clause.Tested) atom.clause()).holds(elements, words);
    }
}
