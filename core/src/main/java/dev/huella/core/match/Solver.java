package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.molde.Formula;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * Finds all ways to fill variables so that conditions hold. Of the conditions left, the one with the fewest rows for
 * what is already filled goes next, and one that speaks of nothing filled only when no other does; tests and
 * negations wait until nothing in them is open that others could fill.
 */
final class Solver {
    private static final int OPEN = Filling.OPEN;
    private static final int[] NONE = {};
    /** By so much another start must be narrower than the rows that fill what is asked for. */
    private static final int FAR_NARROWER = 8;
    /** After so many steps narrowing is cheaper than trying on. */
    private static final long FEW_STEPS = 400;
    /** After so many steps it is cheaper to try what is wanted one by one. */
    private static final long MANY_STEPS = 2_000;
    private final Tables tables;
    private final int variables;
    private final Filling filling;
    private final JoinOrder order;
    private final Steps steps = new Steps();
    private final Answers answers;
    private final Blame blame = new Blame();
    private final OneWay oneWay;

    Solver(Tables tables, int variables) {
        this.tables = tables;
        this.variables = variables;
        this.filling = new Filling(tables.model(), variables);
        this.order = new JoinOrder(tables, filling);
        this.answers = new Answers(filling);
        this.oneWay = new OneWay(order, filling, steps, blame, this::keeps);
    }

    /** Told of each solution; returns false to end the search. The arrays change after it returns. */
    @FunctionalInterface
    interface Solutions {
        boolean found(int[] env, List<Evidence> evidence);
    }

    /**
     * One search. {@code wanted}: once these are filled, one way to fill the rest is enough, and whether there is one
     * is decided once for each way to fill them, from all conditions.
     */
    private record Search(int[] wanted, List<Node> all, int[] start, Tuples decided, Solutions to) {}

    /** Ends with an exception after so many rows were looked at. */
    Solver atMost(long rows) {
        steps.atMost(rows);
        return this;
    }

    /** From now on the variable is only filled with one of these. */
    void restrict(int variable, Set<Integer> elements) {
        filling.restrict(variable, elements);
    }

    /** By variable, what it is filled with at most; null for anything. */
    BitSet[] domains() {
        return filling.domains();
    }

    /** From now on variables are only filled with these again. */
    void restrict(BitSet[] domains) {
        filling.restrict(domains);
    }

    /** From now on variables are only filled with what these conditions leave for them. */
    void narrow(List<Formula> formulas) {
        unrestrict();
        filling.restrict(Narrowing.of(tables, formulas, filling.domains()));
    }

    /** Variables may be filled with anything again. */
    void unrestrict() {
        filling.unrestrict();
        answers.forget();
    }

    int[] free() {
        int[] env = new int[variables];
        Arrays.fill(env, OPEN);
        return env;
    }

    /** Every solution. False when the search was ended by {@code to}. */
    boolean solve(List<Formula> formulas, int[] env, Solutions to) {
        return solve(order.nodes(formulas), env, new ArrayList<>(), new Search(NONE, List.of(), env, null, to));
    }

    /** One solution for each way to fill the wanted variables. False when the search was ended by {@code to}. */
    boolean solve(List<Formula> formulas, int[] env, int[] wanted, Solutions to) {
        List<Node> all = order.flat(formulas);
        var search = new Search(wanted, all, env.clone(), new Tuples(wanted.length), to);
        return steps.within(MANY_STEPS, () -> solve(all, env.clone(), new ArrayList<>(), search),
                () -> narrowed(all, env, () -> each(search)));
    }

    /** Tries the elements of the wanted variable that has the fewest, one after the other. */
    private boolean each(Search search) {
        BitSet[] domains = filling.domains();
        int first = -1;
        for (int variable : search.wanted) {
            if (search.start[variable] == OPEN && domains[variable] != null
                    && (first < 0 || domains[variable].cardinality() < domains[first].cardinality())) {
                first = variable;
            }
        }
        if (first < 0) {
            return solve(search.all, search.start.clone(), new ArrayList<>(), search);
        }
        for (int element = domains[first].nextSetBit(0); element >= 0; element = domains[first]
                .nextSetBit(element + 1)) {
            int[] env = search.start.clone();
            env[first] = element;
            if (!solve(search.all, env, new ArrayList<>(), search)) {
                return false;
            }
        }
        return true;
    }

    /** True when there is a solution. */
    boolean holds(Formula formula, int[] env) {
        return oneWay.find(order.flat(List.of(formula)), env.clone(), new ArrayList<>());
    }

    /**
     * Each element that one variable can be filled with, once, together with one way to fill the rest.
     *
     * @param known what other variables are known to be filled with, so that not all the world has to be tried
     */
    void solveEach(List<Formula> formulas, int[] env, int variable, Map<Integer, Set<Integer>> known, Solutions to) {
        List<Node> all = order.flat(formulas);
        List<int[]> starts = List.of();
        Node narrowest = null;
        long least = Long.MAX_VALUE;
        for (Node node : all) {
            if (node.table() != null && Arrays.stream(node.variables()).anyMatch(own -> own == variable)) {
                List<int[]> from = starts(node, env, variable, known);
                long size = 0;
                for (int[] start : from) {
                    size += order.slice(node, start).size();
                }
                if (size < least) {
                    narrowest = node;
                    starts = from;
                    least = size;
                }
            }
        }
        if (narrowest == null || anchor(all, env) < least / FAR_NARROWER) {
            solve(formulas, env, new int[]{variable}, to);
            return;
        }
        Set<Integer> done = new HashSet<>();
        for (int[] start : starts) {
            if (!tryAll(narrowest, start, all, variable, done, to)) {
                return;
            }
        }
    }

    /** The fewest rows that a condition on something filled leaves, or on something that can be one of few only. */
    private long anchor(List<Node> all, int[] env) {
        long least = Long.MAX_VALUE;
        for (Node node : all) {
            int open = node.open(env);
            boolean bound = open < node.variables().length || filling.isOneOfFew(node.variables());
            if (node.table() != null && bound && open > 0) {
                least = Math.min(least, order.slice(node, env).size());
            }
        }
        return least;
    }

    private static List<int[]> starts(Node node, int[] env, int variable, Map<Integer, Set<Integer>> known) {
        for (int other : node.variables()) {
            if (other != variable && env[other] == OPEN && known.containsKey(other)) {
                List<int[]> starts = new ArrayList<>();
                for (int player : known.get(other)) {
                    int[] start = env.clone();
                    start[other] = player;
                    starts.add(start);
                }
                return starts;
            }
        }
        return List.of(env);
    }

    private boolean tryAll(Node node, int[] start, List<Node> all, int variable, Set<Integer> done,
            Solutions to) {
        Table.Slice slice = order.slice(node, start);
        int[] inner = start.clone();
        for (int i = 0; i < slice.size(); i++) {
            if (Filling.fill(node, slice.row(i), start, inner) && !done.contains(inner[variable])) {
                steps.next();
                List<Evidence> evidence = new ArrayList<>();
                int[] found = inner.clone();
                if (filling.allowed(node, inner) && oneWay.find(all, found, evidence)) {
                    done.add(inner[variable]);
                    if (!to.found(found, evidence)) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private boolean solve(List<Node> left, int[] env, List<Evidence> evidence, Search search) {
        if (search.decided != null && filled(search.wanted, env)) {
            return once(env, search);
        }
        if (left.isEmpty()) {
            boolean on = search.to.found(env, evidence);
            blame.onAll();
            return on;
        }
        int next = order.cheapest(left, env);
        Node node = left.get(next);
        List<Node> rest = new ArrayList<>(left);
        rest.remove(next);
        return switch (node.formula()) {
            case Formula.All all -> {
                rest.addAll(0, order.nodes(all.of()));
                yield solve(rest, env, evidence, search);
            }
            case Formula.Either either -> {
                boolean on = true;
                var ways = blame.ways();
                for (int i = 0; on && i < either.of().size(); i++) {
                    List<Node> one = new ArrayList<>(rest);
                    one.addFirst(order.node(either.of().get(i)));
                    on = solve(one, env, evidence, search);
                    ways.failed();
                }
                ways.end();
                yield on;
            }
            case Formula.Not _, Formula.Whenever _ -> !blame.unless(keeps(node, env), node, env)
                    || solve(rest, env, evidence, search);
            case Formula.Atom atom -> node.table() == null
                    ? !blame.unless(filling.holds(atom, env), node, env) || solve(rest, env, evidence, search)
                    : rows(node, atom, rest, env, evidence, search);
        };
    }

    /** Whether a condition holds that fills nothing. */
    private boolean keeps(Node node, int[] env) {
        return switch (node.formula()) {
            case Formula.Not not -> !answers.of(node, env, () -> holds(not.of(), env));
            case Formula.Whenever whenever -> answers.of(node, env, () -> always(whenever, env));
            default -> throw new IllegalArgumentException(node.formula().text());
        };
    }

    private static boolean filled(int[] wanted, int[] env) {
        for (int variable : wanted) {
            if (env[variable] == OPEN) {
                return false;
            }
        }
        return true;
    }

    /** All that is wanted is filled: whether the rest can be is decided from the start, and once. */
    private boolean once(int[] env, Search search) {
        int[] key = new int[search.wanted.length];
        int[] filled = search.start.clone();
        for (int i = 0; i < key.length; i++) {
            key[i] = env[search.wanted[i]];
            filled[search.wanted[i]] = key[i];
        }
        List<Evidence> evidence = new ArrayList<>();
        boolean on = !search.decided.add(key)
                || steps.aside(() -> !decide(search, filled, evidence) || search.to.found(filled, evidence));
        blame.on(search.wanted);
        return on;
    }

    /** Most is decided after a few steps; where it is not, what is left is narrowed first. */
    private boolean decide(Search search, int[] env, List<Evidence> evidence) {
        int[] tried = env.clone();
        return steps.within(FEW_STEPS, () -> {
            boolean found = oneWay.find(search.all, tried, evidence);
            System.arraycopy(tried, 0, env, 0, env.length);
            return found;
        }, () -> {
            evidence.clear();
            return narrowed(search.all, env, () -> oneWay.find(search.all, env, evidence));
        });
    }

    /** Searches on with what the conditions leave for each variable; false when one of them is left nothing. */
    private boolean narrowed(List<Node> all, int[] env, BooleanSupplier search) {
        BitSet[] before = filling.domains();
        try {
            BitSet[] narrowed = Narrowing.of(tables, all.stream().map(Node::formula).toList(), filling.domains(env));
            filling.restrict(narrowed);
            return Arrays.stream(narrowed).noneMatch(left -> left != null && left.isEmpty()) && search.getAsBoolean();
        } finally {
            filling.restrict(before);
        }
    }

    private boolean always(Formula.Whenever whenever, int[] env) {
        int[] counts = new int[2];
        solve(List.of(whenever.when()), env.clone(), (found, evidence) -> {
            boolean kept = holds(whenever.then(), found);
            counts[kept ? 0 : 1]++;
            return kept || whenever.mostly();
        });
        return whenever.mostly() ? counts[0] > counts[1] : counts[1] == 0;
    }

    private boolean rows(Node node, Formula.Atom atom, List<Node> rest, int[] env, List<Evidence> evidence,
            Search search) {
        Table.Slice slice = order.slice(node, env);
        int[] inner = env.clone();
        var rows = blame.rows(node, env);
        for (int i = 0; i < slice.size(); i++) {
            int row = slice.row(i);
            steps.next();
            if (Filling.fill(node, row, env, inner) && filling.allowed(node, inner) && !rows.isDead(inner)) {
                evidence.add(new Evidence(atom, node.table().place(row)));
                boolean on = solve(rest, inner, evidence, search);
                evidence.removeLast();
                if (!on || !rows.failed(inner)) {
                    return on;
                }
            }
        }
        rows.end();
        return true;
    }
}
