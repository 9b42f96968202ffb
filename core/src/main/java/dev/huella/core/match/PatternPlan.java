package dev.huella.core.match;

import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.PatternDefinition.Variant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * How one form of a pattern is searched for. First the core: roles with a single player, and local names that join
 * several clauses. Then groups of roles that may have many players, each group on its own, so that players are never
 * combined with others that have nothing to do with them. Last the roles that may stay empty.
 */
record PatternPlan(PatternDefinition pattern, Variant variant, List<Formula> core, Set<Integer> coreVariables,
        List<Group> groups, List<Group> optional) {

    /** Roles that are filled together. */
    record Group(Set<Integer> roles, List<Formula> clauses) {}

    /** All that must hold at once, but for one group if one is left out; null leaves out none. */
    List<Formula> together(Group leftOut) {
        List<Formula> all = new ArrayList<>(core);
        groups.stream().filter(group -> group != leftOut).forEach(group -> all.addAll(group.clauses()));
        return all;
    }

    static List<PatternPlan> of(PatternDefinition pattern) {
        if (pattern.variants().isEmpty()) {
            return List.of(of(pattern, new Variant("", "", List.of())));
        }
        return pattern.variants().stream().map(variant -> of(pattern, variant)).toList();
    }

    private static PatternPlan of(PatternDefinition pattern, Variant variant) {
        List<Formula> all = new ArrayList<>(pattern.recognised());
        all.addAll(variant.clauses());
        Set<Integer> core = coreVariables(pattern, all);
        Set<Integer> named = new TreeSet<>();
        variant.clauses()
                .stream()
                .filter(clause -> !(clause instanceof Formula.Not))
                .forEach(clause -> named.addAll(clause.variables()));
        List<Formula> coreClauses = new ArrayList<>();
        List<Formula> required = new ArrayList<>();
        List<Formula> optional = new ArrayList<>();
        List<Formula> ofLocals = new ArrayList<>();
        for (Formula clause : all) {
            Set<Integer> many = open(clause, core);
            boolean roles = many.removeIf(variable -> variable >= pattern.roles().size()) | !many.isEmpty();
            boolean mayStayEmpty = many.stream()
                    .anyMatch(role -> pattern.roles().get(role).least() == 0 && !named.contains(role));
            List<Formula> into = many.isEmpty() ? roles ? ofLocals : coreClauses : mayStayEmpty ? optional : required;
            into.add(clause);
        }
        settle(ofLocals, core, coreClauses, required, optional);
        return new PatternPlan(pattern, variant, coreClauses, core, groups(pattern, required, core),
                optionalGroups(pattern, optional, required, core));
    }

    /** Clauses that speak of local names only go where these names are tied to roles, and else to the core. */
    private static void settle(List<Formula> clauses, Set<Integer> core, List<Formula> coreClauses,
            List<Formula> required, List<Formula> optional) {
        List<Formula> left = new ArrayList<>(clauses);
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Formula clause : List.copyOf(left)) {
                Set<Integer> locals = open(clause, core);
                List<Formula> into = required.stream().anyMatch(other -> shares(other, locals))
                        ? required
                        : optional.stream().anyMatch(other -> shares(other, locals)) ? optional : null;
                if (into != null) {
                    into.add(clause);
                    left.remove(clause);
                    moved = true;
                }
            }
        }
        coreClauses.addAll(left);
    }

    private static Set<Integer> coreVariables(PatternDefinition pattern, List<Formula> clauses) {
        Set<Integer> core = new TreeSet<>();
        Map<Integer, Integer> uses = new HashMap<>();
        for (Formula clause : clauses) {
            if (!(clause instanceof Formula.Not) && !(clause instanceof Formula.Whenever)) {
                clause.variables().forEach(variable -> uses.merge(variable, 1, Integer::sum));
            }
        }
        for (int i = 0; i < pattern.variables().size(); i++) {
            boolean single = i < pattern.roles().size() && !pattern.roles().get(i).counted();
            if (single) {
                core.add(i);
            }
        }
        // a local name that ties groups to the core belongs to the core as well
        for (int variable : uses.keySet()) {
            if (variable >= pattern.roles().size() && clauses.stream()
                    .anyMatch(clause -> binds(clause, variable)
                            && onlyCore(pattern, clause))
                    && clauses.stream().anyMatch(clause -> binds(clause, variable) && speaksOfMany(pattern, clause))) {
                core.add(variable);
            }
        }
        return core;
    }

    private static boolean binds(Formula clause, int variable) {
        return !(clause instanceof Formula.Not) && clause.variables().contains(variable);
    }

    private static boolean speaksOfMany(PatternDefinition pattern, Formula clause) {
        return clause.variables()
                .stream()
                .filter(variable -> variable < pattern.roles().size())
                .anyMatch(role -> pattern.roles().get(role).counted());
    }

    private static boolean onlyCore(PatternDefinition pattern, Formula clause) {
        return !speaksOfMany(pattern, clause)
                && clause.variables().stream().anyMatch(variable -> variable < pattern.roles().size());
    }

    private static List<Group> groups(PatternDefinition pattern, List<Formula> clauses, Set<Integer> core) {
        List<Group> groups = new ArrayList<>();
        for (Formula clause : clauses) {
            Set<Integer> links = new TreeSet<>(clause.variables());
            links.removeAll(core);
            List<Formula> joined = new ArrayList<>();
            List<Group> apart = new ArrayList<>();
            for (Group group : groups) {
                if (group.clauses.stream().anyMatch(other -> shares(other, links))) {
                    joined.addAll(group.clauses);
                    group.clauses.forEach(other -> links.addAll(open(other, core)));
                } else {
                    apart.add(group);
                }
            }
            joined.add(clause);
            Set<Integer> roles = new TreeSet<>(links);
            roles.removeIf(variable -> variable >= pattern.roles().size());
            apart.add(new Group(roles, joined));
            groups = apart;
        }
        return groups;
    }

    private static Set<Integer> open(Formula clause, Set<Integer> core) {
        Set<Integer> variables = new TreeSet<>(clause.variables());
        variables.removeAll(core);
        return variables;
    }

    private static boolean shares(Formula clause, Set<Integer> variables) {
        return clause.variables().stream().anyMatch(variables::contains);
    }

    /** Each role that may stay empty, with its own clauses; other roles in them are known by then. */
    private static List<Group> optionalGroups(PatternDefinition pattern, List<Formula> optional, List<Formula> required,
            Set<Integer> core) {
        List<Group> groups = new ArrayList<>();
        Set<Integer> known = new TreeSet<>(core);
        required.forEach(clause -> known.addAll(clause.variables()));
        known.removeIf(variable -> variable >= pattern.roles().size() && !core.contains(variable));
        for (Group group : groups(pattern, optional, known)) {
            Set<Integer> roles = new TreeSet<>(group.roles);
            roles.removeIf(role -> required.stream().anyMatch(clause -> clause.variables().contains(role)));
            groups.add(new Group(roles, group.clauses));
        }
        return groups;
    }

    Role role(int variable) {
        return pattern.roles().get(variable);
    }
}
