package dev.huella.core.match;

import dev.huella.core.model.Element;
import dev.huella.core.molde.Clause;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Term;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Finds all ways to fill variables so that conditions hold. Of the conditions left, the one with the fewest rows for
 * what is already filled goes next; tests and negations wait until nothing in them is open that others could fill.
 */
final class Solver {
    private static final int OPEN = -1;
    private final Tables tables;
    private final int variables;
    private final Map<Integer, Set<Integer>> domains = new HashMap<>();
    private long steps;
    private long mostSteps = Long.MAX_VALUE;

    Solver(Tables tables, int variables) {
        this.tables = tables;
        this.variables = variables;
    }

    /** Told of each solution; returns false to end the search. The arrays change after it returns. */
    @FunctionalInterface
    interface Solutions {
        boolean found(int[] env, List<Evidence> evidence);
    }

    /** Ends with an exception after so many rows were looked at. */
    Solver atMost(long rows) {
        mostSteps = rows;
        steps = 0;
        return this;
    }

    /** From now on the variable is only filled with one of these. */
    void restrict(int variable, Set<Integer> elements) {
        domains.put(variable, elements);
    }

    /** Thrown when a search goes on too long. */
    static final class Runaway extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    int[] free() {
        int[] env = new int[variables];
        Arrays.fill(env, OPEN);
        return env;
    }

    /** False when the search was ended by {@code to}. */
    boolean solve(List<Formula> formulas, int[] env, Solutions to) {
        return solve(formulas, env, new ArrayList<>(), to);
    }

    /** True when there is a solution. */
    boolean holds(Formula formula, int[] env) {
        return !solve(List.of(formula), env, (found, evidence) -> false);
    }

    private boolean solve(List<Formula> left, int[] env, List<Evidence> evidence, Solutions to) {
        if (left.isEmpty()) {
            return to.found(env, evidence);
        }
        int next = cheapest(left, env);
        Formula formula = left.get(next);
        List<Formula> rest = new ArrayList<>(left);
        rest.remove(next);
        return switch (formula) {
            case Formula.All all -> {
                rest.addAll(0, all.of());
                yield solve(rest, env, evidence, to);
            }
            case Formula.Either either -> {
                boolean on = true;
                for (int i = 0; on && i < either.of().size(); i++) {
                    List<Formula> one = new ArrayList<>(rest);
                    one.add(0, either.of().get(i));
                    on = solve(one, env, evidence, to);
                }
                yield on;
            }
            case Formula.Not not -> holds(not.of(), env.clone()) || solve(rest, env, evidence, to);
            case Formula.Whenever whenever -> !always(whenever, env) || solve(rest, env, evidence, to);
            case Formula.Atom atom -> atom(atom, rest, env, evidence, to);
        };
    }

    private boolean always(Formula.Whenever whenever, int[] env) {
        int[] counts = new int[2];
        solve(List.of(whenever.when()), env.clone(), (found, evidence) -> {
            boolean kept = holds(whenever.then(), found.clone());
            counts[kept ? 0 : 1]++;
            return kept || whenever.mostly();
        });
        return whenever.mostly() ? counts[0] > counts[1] : counts[1] == 0;
    }

    private int cheapest(List<Formula> left, int[] env) {
        int best = 0;
        long least = Long.MAX_VALUE;
        for (int i = 0; i < left.size(); i++) {
            long cost = cost(left.get(i), env);
            if (cost < least) {
                best = i;
                least = cost;
            }
        }
        return best;
    }

    private long cost(Formula formula, int[] env) {
        return switch (formula) {
            case Formula.All _ -> 0;
            case Formula.Atom atom -> {
                Table table = tables.of(atom);
                yield table == null ? waiting(atom, env) : slice(table, atom, env).size();
            }
            case Formula.Either either -> either.of().stream().mapToLong(part -> cost(firstAtom(part), env)).sum();
            case Formula.Not not -> waiting(not, env);
            case Formula.Whenever whenever -> waiting(whenever, env);
        };
    }

    private static Formula firstAtom(Formula formula) {
        return formula instanceof Formula.All all && !all.of().isEmpty() ? all.of().getFirst() : formula;
    }

    /** Conditions that fill nothing come at once when all is filled, and else as late as possible. */
    private static long waiting(Formula formula, int[] env) {
        long open = formula.allVariables().stream().filter(variable -> env[variable] == OPEN).count();
        return open == 0 ? 0 : Integer.MAX_VALUE + open;
    }

    private static Table.Slice slice(Table table, Formula.Atom atom, int[] env) {
        Table.Slice best = table.rows();
        for (int column = 0; column < table.width(); column++) {
            int value = env[atom.terms().get(column).variable()];
            if (value != OPEN) {
                Table.Slice slice = table.rows(column, value);
                best = slice.size() < best.size() ? slice : best;
            }
        }
        return best;
    }

    private boolean atom(Formula.Atom atom, List<Formula> rest, int[] env, List<Evidence> evidence, Solutions to) {
        Table table = tables.of(atom);
        if (table == null) {
            return !testOpen(atom, env) || solve(rest, env, evidence, to);
        }
        Table.Slice slice = slice(table, atom, env);
        int[] inner = env.clone();
        for (int i = 0; i < slice.size(); i++) {
            int row = slice.row(i);
            if (++steps > mostSteps) {
                throw new Runaway();
            }
            if (fill(atom, table, row, env, inner) && inDomain(atom, inner)) {
                evidence.add(new Evidence(atom, table.place(row)));
                boolean on = solve(rest, inner, evidence, to);
                evidence.removeLast();
                if (!on) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean fill(Formula.Atom atom, Table table, int row, int[] env, int[] inner) {
        System.arraycopy(env, 0, inner, 0, env.length);
        List<Term> terms = atom.terms();
        for (int column = 0; column < table.width(); column++) {
            int variable = terms.get(column).variable();
            int cell = table.cell(row, column);
            if (inner[variable] == OPEN) {
                inner[variable] = cell;
            } else if (inner[variable] != cell) {
                return false;
            }
        }
        return true;
    }

    private boolean inDomain(Formula.Atom atom, int[] env) {
        if (domains.isEmpty()) {
            return true;
        }
        for (Term term : atom.terms()) {
            Set<Integer> domain = term.isVariable() ? domains.get(term.variable()) : null;
            if (domain != null && !domain.contains(env[term.variable()])) {
                return false;
            }
        }
        return true;
    }

    /** A test of something open holds when it does for one of those it may be. */
    private boolean testOpen(Formula.Atom atom, int[] env) {
        for (Term term : atom.terms()) {
            if (term.isVariable() && env[term.variable()] == OPEN) {
                int[] filled = env.clone();
                for (int element : domains.getOrDefault(term.variable(), Set.of())) {
                    filled[term.variable()] = element;
                    if (testOpen(atom, filled)) {
                        return true;
                    }
                }
                return false;
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
                elements.add(tables.model().element(env[term.variable()]));
            }
        }
        return ((Clause.Tested) atom.clause()).holds(elements, words);
    }
}
