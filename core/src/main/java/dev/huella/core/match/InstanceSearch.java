package dev.huella.core.match;

import dev.huella.core.match.PatternPlan.Group;
import dev.huella.core.molde.Formula;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Carries out one plan: each way to fill the core, then the groups around it. */
final class InstanceSearch {
    /** Near misses are looked for only so far. */
    private static final long MOST_NEAR_ROWS = 150_000;
    private static final int MOST_NEAR_MISSES = 200;
    private static final int MOST_CANDIDATES = 400;
    private final PatternPlan plan;
    private final Tables tables;
    private final InstanceCollector collector;
    private final List<NearMiss> misses;
    private final Solver solver;
    /** For roles that may stay empty: other roles are only filled with the players found before. */
    private final Solver around;
    private final Inquiry inquiry;

    InstanceSearch(PatternPlan plan, Tables tables, long mostRows, InstanceCollector collector, List<NearMiss> misses) {
        this.plan = plan;
        this.tables = tables;
        this.collector = collector;
        this.misses = misses;
        this.solver = new Solver(tables, plan.pattern().variables().size()).atMost(mostRows);
        this.around = new Solver(tables, plan.pattern().variables().size()).atMost(mostRows);
        this.inquiry = new Inquiry(tables);
    }

    /** One way to fill the core and what was gathered around it: players by role number, places by clause. */
    static final class Gathered {
        /** By variable; of local names only the first element is kept, for telling. */
        final Map<Integer, Set<Integer>> players = new LinkedHashMap<>();
        private final int firstLocal;
        final Map<Formula.Atom, Set<SourceSpan>> places = new LinkedHashMap<>();

        Gathered(int roles) {
            firstLocal = roles;
        }

        void note(int[] env, Set<Integer> roles, List<Evidence> evidence) {
            roles.stream()
                    .filter(role -> env[role] >= 0)
                    .forEach(role -> players.computeIfAbsent(role, key -> new LinkedHashSet<>()).add(env[role]));
            for (int local = firstLocal; local < env.length; local++) {
                if (env[local] >= 0) {
                    int element = env[local];
                    players.computeIfAbsent(local, key -> new LinkedHashSet<>(Set.of(element)));
                }
            }
            for (Evidence one : evidence) {
                Set<SourceSpan> at = places.computeIfAbsent(one.atom(), key -> new LinkedHashSet<>());
                if (one.place() != null && at.size() < 8) {
                    at.add(one.place());
                }
            }
        }
    }

    /** All finds of this form. */
    void run() {
        solver.narrow(plan.together(null));
        solver.solve(plan.together(null), solver.free(), wanted(plan.coreVariables()), (env, evidence) -> {
            around(coreOf(env), begin(env, evidence));
            return true;
        });
    }

    /** What keeps everything but one group. Ends without a word when that would take too long. */
    void runNearMisses() {
        for (Group group : plan.groups().size() > 1 ? plan.groups() : List.<Group>of()) {
            Set<Integer> joined = new LinkedHashSet<>();
            plan.together(group)
                    .stream()
                    .filter(clause -> !(clause instanceof Formula.Not) && !(clause instanceof Formula.Whenever))
                    .forEach(clause -> joined.addAll(clause.variables()));
            if (joined.containsAll(plan.coreVariables())) {
                search(group);
            }
        }
    }

    private void search(Group leftOut) {
        int[] candidates = {0};
        solver.narrow(plan.together(leftOut));
        try {
            solver.atMost(MOST_NEAR_ROWS)
                    .solve(plan.together(leftOut), solver.free(), wanted(plan.coreVariables()),
                            (env, evidence) -> {
                                nearly(coreOf(env), begin(env, evidence), leftOut);
                                return misses.size() < MOST_NEAR_MISSES && ++candidates[0] < MOST_CANDIDATES;
                            });
        } catch (Steps.Runaway _) {
            return; // those found so far are kept: near misses are a service, not a promise
        }
    }

    private void nearly(int[] core, Gathered gathered, Group leftOut) {
        plan.groups().forEach(group -> gather(solver, group, core, gathered));
        boolean others = plan.groups()
                .stream()
                .filter(group -> group != leftOut)
                .allMatch(group -> group.roles().stream().noneMatch(role -> tooFew(role, gathered)));
        boolean lacking = leftOut.roles().stream().anyMatch(role -> tooFew(role, gathered));
        if (!others || !lacking || isUnlike(gathered)) {
            return;
        }
        boolean nobody = leftOut.roles()
                .stream()
                .anyMatch(role -> gathered.players.getOrDefault(role, Set.of()).isEmpty());
        List<Formula> failing = nobody ? failing(leftOut, core) : leftOut.clauses();
        if (!failing.isEmpty()) {
            miss(leftOut, failing, gathered);
        }
    }

    /** The one clause without which the others of the group hold; none when more than one stands in the way. */
    private List<Formula> failing(Group group, int[] core) {
        List<Formula> positive = group.clauses()
                .stream()
                .filter(clause -> !(clause instanceof Formula.Not) && !(clause instanceof Formula.Whenever))
                .toList();
        if (positive.size() == 1) {
            return positive;
        }
        for (Formula clause : positive.stream().filter(InstanceSearch::tells).toList()) {
            List<Formula> rest = new ArrayList<>(group.clauses());
            rest.remove(clause);
            boolean[] holds = {false};
            solver.solve(rest, core.clone(), new int[0], (env, evidence) -> {
                holds[0] = true;
                return false;
            });
            if (holds[0]) {
                return List.of(clause);
            }
        }
        return List.of();
    }

    /** What only says where something stands ties the others together and cannot be the fact that is missing. */
    private static boolean tells(Formula clause) {
        return clause.atoms().stream().anyMatch(atom -> atom.clause() == null || atom.clause().telling());
    }

    private Map<Integer, Set<Integer>> known(Gathered gathered) {
        Map<Integer, Set<Integer>> known = new LinkedHashMap<>(gathered.players);
        known.keySet().removeIf(variable -> variable >= plan.pattern().roles().size());
        return known;
    }

    private static int[] wanted(Set<Integer> variables) {
        return variables.stream().mapToInt(Integer::intValue).toArray();
    }

    private Gathered begin(int[] env, List<Evidence> evidence) {
        Set<Integer> roles = new LinkedHashSet<>(plan.coreVariables());
        roles.removeIf(variable -> variable >= plan.pattern().roles().size());
        var gathered = new Gathered(plan.pattern().roles().size());
        gathered.note(env, roles,
                evidence.stream().filter(one -> plan.coreVariables().containsAll(one.atom().variables())).toList());
        return gathered;
    }

    private int[] coreOf(int[] env) {
        int[] core = solver.free();
        plan.coreVariables().forEach(variable -> core[variable] = env[variable]);
        return core;
    }

    private void around(int[] core, Gathered gathered) {
        for (Group group : plan.groups()) {
            gather(solver, group, core, gathered);
            if (group.roles().stream().anyMatch(role -> tooFew(role, gathered))) {
                return;
            }
        }
        gathered.players.entrySet()
                .stream()
                .filter(role -> role.getKey() < plan.pattern().roles().size())
                .forEach(role -> around.restrict(role.getKey(), role.getValue()));
        plan.optional().forEach(group -> gather(around, group, core, gathered));
        around.unrestrict();
        if (!isUnlike(gathered)) {
            collector.add(plan, gathered);
        }
    }

    private boolean isUnlike(Gathered gathered) {
        return plan.pattern()
                .unlikes()
                .stream()
                .anyMatch(unlike -> inquiry.someHolds(plan.pattern(), unlike.when(), gathered.players));
    }

    private boolean tooFew(int role, Gathered gathered) {
        int least = Math.max(1, plan.role(role).least());
        return gathered.players.getOrDefault(role, Set.of()).size() < least;
    }

    /** All players of the group's roles. Who plays none of a role already gathered is not tried for the next. */
    private void gather(Solver by, Group group, int[] core, Gathered gathered) {
        BitSet[] before = by.domains();
        for (int role : group.roles()) {
            by.solveEach(group.clauses(), core, role, known(gathered), (env, evidence) -> {
                gathered.note(env, Set.of(role), evidence);
                return true;
            });
            if (gathered.players.containsKey(role)) {
                by.restrict(role, gathered.players.get(role));
            }
        }
        by.restrict(before);
    }

    private void miss(Group group, List<Formula> failing, Gathered gathered) {
        String clauses = String.join(" and ",
                failing.stream()
                        .filter(clause -> !(clause instanceof Formula.Not))
                        .map(Formula::text)
                        .toList());
        List<SourceSpan> places = gathered.places.values().stream().flatMap(Set::stream).limit(3).toList();
        List<String> found = group.roles()
                .stream()
                .filter(role -> plan.role(role).least() > 1)
                .flatMap(role -> collector.names(role, gathered).stream())
                .toList();
        misses.add(new NearMiss(plan.pattern(), collector.players(gathered, plan.pattern()),
                Wording.missing(collector.fill(clauses, gathered, group.roles()), group, plan, found), places));
    }
}
