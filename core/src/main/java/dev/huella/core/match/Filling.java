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
    private final Model model;
    private final BitSet[] domains;
    private boolean restricted;

    Filling(Model model, int variables) {
        this.model = model;
        this.domains = new BitSet[variables];
    }

    void restrict(int variable, Set<Integer> elements) {
        domains[variable] = new BitSet();
        elements.forEach(domains[variable]::set);
        restricted = true;
    }

    void unrestrict() {
        Arrays.fill(domains, null);
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
