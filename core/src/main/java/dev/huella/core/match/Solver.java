package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Clause;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Term;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
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
    private static final int OPEN = -1;
    private static final int[] NONE = {};
    private final Tables tables;
    private final int variables;
    private final JoinOrder order;
    private final Map<Integer, Set<Integer>> domains = new HashMap<>();
    private final Map<Formula, Map<IntBuffer, Boolean>> answers = new IdentityHashMap<>();
    private long steps;
    private long mostSteps = Long.MAX_VALUE;

    Solver(Tables tables, int variables) {
        this.tables = tables;
        this.variables = variables;
        this.order = new JoinOrder(tables);
    }

    /** Told of each solution; returns false to end the search. The arrays change after it returns. */
    @FunctionalInterface
    interface Solutions {
        boolean found(int[] env, List<Evidence> evidence);
    }

    /** One search. {@code wanted}: once these are filled, one way to fill the rest is enough; each filling counts once. */
    private record Search(int[] wanted, Set<List<Integer>> seen, Solutions to) {}

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

    /** Variables may be filled with anything again. */
    void unrestrict() {
        domains.clear();
        answers.clear();
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

    /** Every solution. False when the search was ended by {@code to}. */
    boolean solve(List<Formula> formulas, int[] env, Solutions to) {
        return solve(order.nodes(formulas), env, new ArrayList<>(), new Search(NONE, null, to));
    }

    /** One solution for each way to fill the wanted variables. False when the search was ended by {@code to}. */
    boolean solve(List<Formula> formulas, int[] env, int[] wanted, Solutions to) {
        return solve(order.nodes(formulas), env, new ArrayList<>(), new Search(wanted, new HashSet<>(), to));
    }

    /** True when there is a solution. */
    boolean holds(Formula formula, int[] env) {
        return oneWay(order.flat(List.of(formula)), env, new ArrayList<>()) != null;
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
                    size += JoinOrder.slice(node.table(), (Formula.Atom) node.formula(), start).size();
                }
                if (size < least) {
                    narrowest = node;
                    starts = from;
                    least = size;
                }
            }
        }
        if (narrowest == null) {
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
        var atom = (Formula.Atom) node.formula();
        Table.Slice slice = JoinOrder.slice(node.table(), atom, start);
        int[] inner = start.clone();
        for (int i = 0; i < slice.size(); i++) {
            if (fill(atom, node.table(), slice.row(i), start, inner) && !done.contains(inner[variable])) {
                if (++steps > mostSteps) {
                    throw new Runaway();
                }
                List<Evidence> evidence = new ArrayList<>();
                int[] found = inDomain(atom, inner) ? oneWay(all, inner.clone(), evidence) : null;
                if (found != null) {
                    done.add(inner[variable]);
                    if (!to.found(found, evidence)) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    /** One way to fill what is open, part by part; null when there is none. */
    private int[] oneWay(List<Node> left, int[] env, List<Evidence> evidence) {
        int[] filled = env;
        for (List<Node> part : Parts.of(left, env, Node::variables)) {
            filled = first(part, filled, evidence);
            if (filled == null) {
                return null;
            }
        }
        return filled;
    }

    private boolean solve(List<Node> left, int[] env, List<Evidence> evidence, Search search) {
        if (search.seen != null && filled(search.wanted, env)) {
            return once(left, env, evidence, search);
        }
        if (left.isEmpty()) {
            return search.to.found(env, evidence);
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
                for (int i = 0; on && i < either.of().size(); i++) {
                    List<Node> one = new ArrayList<>(rest);
                    one.addFirst(order.node(either.of().get(i)));
                    on = solve(one, env, evidence, search);
                }
                yield on;
            }
            case Formula.Not not -> remembered(node, env, () -> holds(not.of(), env.clone()))
                    || solve(rest, env, evidence, search);
            case Formula.Whenever whenever -> !remembered(node, env, () -> always(whenever, env))
                    || solve(rest, env, evidence, search);
            case Formula.Atom atom -> node.table() == null
                    ? !testOpen(atom, env) || solve(rest, env, evidence, search)
                    : rows(node, atom, rest, env, evidence, search);
        };
    }

    /** A test asked again of the same elements has the same answer. */
    private boolean remembered(Node node, int[] env, BooleanSupplier test) {
        int[] filled = new int[node.variables().length];
        for (int i = 0; i < filled.length; i++) {
            filled[i] = env[node.variables()[i]];
        }
        Map<IntBuffer, Boolean> known = answers.computeIfAbsent(node.formula(), key -> new HashMap<>());
        IntBuffer key = IntBuffer.wrap(filled);
        Boolean answer = known.get(key);
        if (answer == null) {
            answer = test.getAsBoolean();
            known.put(key, answer);
        }
        return answer;
    }

    private static boolean filled(int[] wanted, int[] env) {
        for (int variable : wanted) {
            if (env[variable] == OPEN) {
                return false;
            }
        }
        return true;
    }

    /** All that is wanted is filled: the first way to fill the rest decides. */
    private boolean once(List<Node> left, int[] env, List<Evidence> evidence, Search search) {
        List<Integer> key = Arrays.stream(search.wanted).mapToObj(variable -> env[variable]).toList();
        if (search.seen.contains(key)) {
            return true;
        }
        int before = evidence.size();
        int[] filled = oneWay(left, env, evidence);
        boolean on = true;
        if (filled != null) {
            search.seen.add(key);
            on = search.to.found(filled, evidence);
        }
        while (evidence.size() > before) {
            evidence.removeLast();
        }
        return on;
    }

    /** The first way to fill what these conditions leave open, with its evidence added; null when there is none. */
    private int[] first(List<Node> part, int[] env, List<Evidence> evidence) {
        int[][] result = new int[1][];
        List<Evidence> shown = new ArrayList<>();
        solve(part, env, new ArrayList<>(), new Search(NONE, null, (found, inner) -> {
            result[0] = found.clone();
            shown.addAll(inner);
            return false;
        }));
        evidence.addAll(shown);
        return result[0];
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

    private boolean rows(Node node, Formula.Atom atom, List<Node> rest, int[] env, List<Evidence> evidence,
            Search search) {
        Table.Slice slice = JoinOrder.slice(node.table(), atom, env);
        int[] inner = env.clone();
        for (int i = 0; i < slice.size(); i++) {
            int row = slice.row(i);
            if (++steps > mostSteps) {
                throw new Runaway();
            }
            if (fill(atom, node.table(), row, env, inner) && inDomain(atom, inner)) {
                evidence.add(new Evidence(atom, node.table().place(row)));
                boolean on = solve(rest, inner, evidence, search);
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
