package dev.huella.core.match;

import dev.huella.core.match.PatternPlan.Group;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition.Unlike;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Carries out one plan: each way to fill the core, then the groups around it. */
final class InstanceSearch {
    private final PatternPlan plan;
    private final Tables tables;
    private final InstanceCollector collector;
    private final List<NearMiss> misses;
    private final Solver solver;
    private final Inquiry inquiry;

    InstanceSearch(PatternPlan plan, Tables tables, long mostRows, InstanceCollector collector, List<NearMiss> misses) {
        this.plan = plan;
        this.tables = tables;
        this.collector = collector;
        this.misses = misses;
        this.solver = new Solver(tables, plan.pattern().variables().size()).atMost(mostRows);
        this.inquiry = new Inquiry(tables);
    }

    /** One way to fill the core and what was gathered around it: players by role number, places by clause. */
    static final class Gathered {
        final Map<Integer, Set<Integer>> players = new LinkedHashMap<>();
        final Map<Formula.Atom, Set<SourceSpan>> places = new LinkedHashMap<>();

        void note(int[] env, Set<Integer> roles, List<Evidence> evidence) {
            roles.forEach(role -> players.computeIfAbsent(role, key -> new LinkedHashSet<>()).add(env[role]));
            for (Evidence one : evidence) {
                Set<SourceSpan> at = places.computeIfAbsent(one.atom(), key -> new LinkedHashSet<>());
                if (one.place() != null && at.size() < 8) {
                    at.add(one.place());
                }
            }
        }
    }

    void run() {
        Set<List<Integer>> seen = new HashSet<>();
        Set<Integer> roles = new LinkedHashSet<>(plan.coreVariables());
        roles.removeIf(variable -> variable >= plan.pattern().roles().size());
        solver.solve(plan.core(), solver.free(), (env, evidence) -> {
            if (seen.add(plan.coreVariables().stream().map(variable -> env[variable]).toList())) {
                var gathered = new Gathered();
                gathered.note(env, roles, evidence.stream()
                        .filter(one -> plan.coreVariables().containsAll(one.atom().variables())).toList());
                around(coreOf(env), gathered);
            }
            return true;
        });
    }

    private int[] coreOf(int[] env) {
        int[] core = solver.free();
        plan.coreVariables().forEach(variable -> core[variable] = env[variable]);
        return core;
    }

    private void around(int[] core, Gathered gathered) {
        List<Group> missing = new ArrayList<>();
        for (Group group : plan.groups()) {
            gather(group, core, gathered);
            if (group.roles().stream().anyMatch(role -> tooFew(role, gathered))) {
                missing.add(group);
            }
        }
        if (!missing.isEmpty()) {
            if (missing.size() == 1 && plan.groups().size() > 1) {
                miss(missing.getFirst(), gathered);
            }
            return;
        }
        plan.optional().forEach(group -> gather(group, core, gathered));
        for (Unlike unlike : plan.pattern().unlikes()) {
            if (inquiry.someHolds(plan.pattern(), unlike.when(), gathered.players)) {
                return;
            }
        }
        collector.add(plan, gathered);
    }

    private boolean tooFew(int role, Gathered gathered) {
        int least = Math.max(1, plan.role(role).least());
        return gathered.players.getOrDefault(role, Set.of()).size() < least;
    }

    private void gather(Group group, int[] core, Gathered gathered) {
        solver.solve(group.clauses(), core, (env, evidence) -> {
            gathered.note(env, group.roles(), evidence);
            return true;
        });
    }

    private void miss(Group group, Gathered gathered) {
        String clauses = String.join(" and ", group.clauses().stream().filter(clause -> !(clause instanceof Formula.Not))
                .map(Formula::text).toList());
        List<SourceSpan> places = gathered.places.values().stream().flatMap(Set::stream).limit(3).toList();
        misses.add(new NearMiss(plan.pattern(), collector.players(gathered, plan.pattern()),
                Wording.missing(collector.fill(clauses, gathered), group, plan), places));
    }
}
