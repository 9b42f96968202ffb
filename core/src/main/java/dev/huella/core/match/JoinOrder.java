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
    /**
     * By so much dearer is a choice of ways while others can still fill what it shares with them: each way would be tried
     * for all of that.
     */
    private static final long LATER = 32;
    private final Tables tables;
    private final Filling filling;
    private final Map<Formula, Node> nodes = new IdentityHashMap<>();

    JoinOrder(Tables tables, Filling filling) {
        this.tables = tables;
        this.filling = filling;
    }

    /**
     * A condition with what is looked up again and again.
     *
     * @param table null for all but listed atoms
     * @param variables each variable once
     * @param columns of a listed atom: the variable of each column; else empty
     * @param parts of an either: the first condition of each way; else empty
     */
    record Node(Formula formula, Table table, int[] variables, int[] columns, List<Node> parts) {

        boolean speaksOf(int variable) {
            for (int own : variables) {
                if (own == variable) {
                    return true;
                }
            }
            return false;
        }

        /** How many of its variables are open. */
        int open(int[] env) {
            int open = 0;
            for (int variable : variables) {
                open += env[variable] == OPEN ? 1 : 0;
            }
            return open;
        }
    }

    List<Node> nodes(List<Formula> formulas) {
        List<Node> found = new ArrayList<>(formulas.size());
        formulas.forEach(formula -> found.add(node(formula)));
        return found;
    }

    Node node(Formula formula) {
        Node node = nodes.get(formula);
        if (node == null) {
            Table table = formula instanceof Formula.Atom atom ? tables.of(atom) : null;
            int[] columns = table == null
                    ? new int[0]
                    : ((Formula.Atom) formula).terms().stream().mapToInt(Term::variable).toArray();
            List<Node> parts = formula instanceof Formula.Either either
                    ? either.of().stream().map(part -> node(firstAtom(part))).toList()
                    : List.of();
            node = new Node(formula, table,
                    formula.allVariables().stream().mapToInt(Integer::intValue).toArray(), columns, parts);
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
        boolean begun = begun(env);
        for (int i = 0; i < left.size() && least > 0; i++) {
            long cost = cost(left.get(i), env, begun);
            if (left.get(i).formula instanceof Formula.Either && cost < APART / 2 && othersFill(left, i, env)) {
                cost *= LATER;
            }
            if (cost < least) {
                best = i;
                least = cost;
            }
        }
        return best;
    }

    /** Whether another condition speaks of something open in this one. */
    private static boolean othersFill(List<Node> left, int own, int[] env) {
        for (int variable : left.get(own).variables) {
            for (int i = 0; i < left.size() && env[variable] == OPEN; i++) {
                Formula other = left.get(i).formula;
                if (i != own && (other instanceof Formula.Atom || other instanceof Formula.Either)
                        && left.get(i).speaksOf(variable)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean begun(int[] env) {
        for (int value : env) {
            if (value != OPEN) {
                return true;
            }
        }
        return false;
    }

    private long cost(Node node, int[] env, boolean begun) {
        return switch (node.formula) {
            case Formula.All _ -> 0;
            case Formula.Atom _ -> {
                int open = node.open(env);
                if (node.table == null) {
                    yield open == 0 ? 0 : APART + open;
                }
                boolean joined = !begun || open < node.variables.length || filling.isOneOfFew(node.variables);
                yield open == 0 ? 0 : rows(node, env) + (joined ? 0 : APART / 2);
            }
            case Formula.Either _ -> {
                long most = 0;
                for (Node part : node.parts) {
                    most = Math.max(most, cost(part, env, begun));
                }
                yield most;
            }
            case Formula.Not _, Formula.Whenever _ -> {
                // conditions that fill nothing come at once when all is filled, and else as late as possible
                int open = node.open(env);
                yield open == 0 ? 0 : APART + open;
            }
        };
    }

    private static Formula firstAtom(Formula formula) {
        return formula instanceof Formula.All all && !all.of().isEmpty() ? all.of().getFirst() : formula;
    }

    /** How many rows {@link #slice} would give. */
    private int rows(Node node, int[] env) {
        Table table = node.table;
        int least = table.size();
        for (int column = 0; column < node.columns.length && least > 0; column++) {
            int value = env[node.columns[column]];
            if (value != OPEN) {
                least = Math.min(least, table.count(column, value));
            } else if (filling.few(node.columns[column]) != null) {
                least = Math.min(least, count(table, column, filling.few(node.columns[column])));
            }
        }
        return least;
    }

    /** The fewest rows that can hold what is filled already. */
    Table.Slice slice(Node node, int[] env) {
        Table table = node.table;
        int[] columns = node.columns;
        if (table.width() <= 3 && node.open(env) == 0) {
            int row = table.find(env[columns[0]], table.width() > 1 ? env[columns[1]] : 0,
                    table.width() > 2 ? env[columns[2]] : 0);
            return row < 0 ? Table.Slice.EMPTY : new Table.Slice(null, row, row + 1);
        }
        Table.Slice best = table.rows();
        for (int column = 0; column < table.width(); column++) {
            int value = env[columns[column]];
            if (value != OPEN) {
                Table.Slice slice = table.rows(column, value);
                best = slice.size() < best.size() ? slice : best;
            } else if (filling.few(columns[column]) != null
                    && count(table, column, filling.few(columns[column])) < best.size()) {
                best = rows(table, column, filling.few(columns[column]));
            }
        }
        return best;
    }

    private static int count(Table table, int column, int[] elements) {
        int count = 0;
        for (int element : elements) {
            count += table.count(column, element);
        }
        return count;
    }

    /** The rows of all these elements, in the order of the table. */
    private static Table.Slice rows(Table table, int column, int[] elements) {
        int[] rows = new int[count(table, column, elements)];
        int size = 0;
        for (int element : elements) {
            Table.Slice slice = table.rows(column, element);
            for (int i = 0; i < slice.size(); i++) {
                rows[size++] = slice.row(i);
            }
        }
        Arrays.sort(rows);
        return new Table.Slice(rows, 0, size);
    }
}
