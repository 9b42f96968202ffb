package dev.huella.core.match;

import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Term;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which condition goes next: the one with the fewest rows for what is already filled, and one that speaks of nothing
 * filled only when no other does. Tests and negations wait until nothing in them is open that others could fill.
 */
final class JoinOrder {
    private static final int OPEN = -1;
    /** What a condition costs that is joined to nothing filled so far: all combinations would have to be tried. */
    private static final long APART = 1L << 40;
    private final Tables tables;
    private final Map<Formula, Node> nodes = new IdentityHashMap<>();

    JoinOrder(Tables tables) {
        this.tables = tables;
    }

    /** A condition with what is looked up again and again. {@code table} is null for all but listed atoms. */
    record Node(Formula formula, Table table, int[] variables) {}

    List<Node> nodes(List<Formula> formulas) {
        List<Node> found = new ArrayList<>(formulas.size());
        formulas.forEach(formula -> found.add(node(formula)));
        return found;
    }

    Node node(Formula formula) {
        Node node = nodes.get(formula);
        if (node == null) {
            Table table = formula instanceof Formula.Atom atom ? tables.of(atom) : null;
            node = new Node(formula, table,
                    formula.allVariables().stream().mapToInt(Integer::intValue).toArray());
            nodes.put(formula, node);
        }
        return node;
    }

    /** Conditions with all that must hold together taken apart. */
    List<Node> flat(List<Formula> formulas) {
        List<Node> found = new ArrayList<>();
        for (Formula formula : formulas) {
            if (formula instanceof Formula.All all) {
                found.addAll(flat(all.of()));
            } else {
                found.add(node(formula));
            }
        }
        return found;
    }

    /** Which condition goes next. */
    int cheapest(List<Node> left, int[] env) {
        int best = 0;
        long least = Long.MAX_VALUE;
        boolean begun = Arrays.stream(env).anyMatch(value -> value != OPEN);
        for (int i = 0; i < left.size() && least > 0; i++) {
            long cost = cost(left.get(i), env, begun);
            if (cost < least) {
                best = i;
                least = cost;
            }
        }
        return best;
    }

    private long cost(Node node, int[] env, boolean begun) {
        return switch (node.formula) {
            case Formula.All _ -> 0;
            case Formula.Atom atom -> {
                if (node.table == null) {
                    yield waiting(node, env);
                }
                boolean joined = !begun || waiting(node, env) - APART < node.variables.length;
                yield slice(node.table, atom, env).size() + (joined ? 0 : APART / 2);
            }
            case Formula.Either either -> {
                long sum = 0;
                for (Formula part : either.of()) {
                    sum += cost(node(firstAtom(part)), env, begun);
                }
                yield sum;
            }
            case Formula.Not _, Formula.Whenever _ -> waiting(node, env);
        };
    }

    private static Formula firstAtom(Formula formula) {
        return formula instanceof Formula.All all && !all.of().isEmpty() ? all.of().getFirst() : formula;
    }

    /** Conditions that fill nothing come at once when all is filled, and else as late as possible. */
    private static long waiting(Node node, int[] env) {
        int open = 0;
        for (int variable : node.variables) {
            open += env[variable] == OPEN ? 1 : 0;
        }
        return open == 0 ? 0 : APART + open;
    }

    /** The fewest rows that can hold what is filled already. */
    static Table.Slice slice(Table table, Formula.Atom atom, int[] env) {
        List<Term> terms = atom.terms();
        if (table.width() <= 3 && allFilled(terms, env)) {
            int row = table.find(env[terms.get(0).variable()], table.width() > 1 ? env[terms.get(1).variable()] : 0,
                    table.width() > 2 ? env[terms.get(2).variable()] : 0);
            return row < 0 ? Table.Slice.EMPTY : new Table.Slice(null, row, row + 1);
        }
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

    private static boolean allFilled(List<Term> terms, int[] env) {
        for (Term term : terms) {
            if (env[term.variable()] == OPEN) {
                return false;
            }
        }
        return true;
    }
}
