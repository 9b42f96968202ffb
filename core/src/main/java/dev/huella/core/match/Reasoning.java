package dev.huella.core.match;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.PatternDefinition.Unlike;
import dev.huella.core.molde.PatternDefinition.Variant;
import dev.huella.core.molde.Sort;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;

/**
 * Why given types are an instance of a pattern, or why not: each clause of the definition, held or failed. The clauses
 * are those that recognition uses, so that the two cannot disagree.
 */
public final class Reasoning {
    private static final long MOST_ROWS = 400_000;
    private static final int MOST_NAMED = 12;
    private final Tables tables;

    public Reasoning(Matcher matcher) {
        this.tables = matcher.tables();
    }

    /** How one clause came out. */
    public enum Outcome {
        HELD, FAILED,
        /** It speaks of names that nothing before it could fill. */
        UNDECIDED
    }

    /**
     * One clause held against the types.
     *
     * @param clause in the definition's words, with names in the places of roles that are filled
     */
    public record Step(String clause, Outcome outcome, List<SourceSpan> places) {
        public Step {
            places = List.copyOf(places);
        }
    }

    /**
     * One way to read the types as players of the pattern.
     *
     * @param playing names by role, as assumed
     * @param steps the clauses, in the order of the definition
     * @param decidedAgainst facts that make it another pattern instead, by that pattern
     */
    public record Reading(String variant, Map<String, String> playing, List<Step> steps,
            Map<String, String> decidedAgainst) {
        public Reading {
            steps = List.copyOf(steps);
        }

        /** How many clauses failed or could not be decided. */
        public long missing() {
            return steps.stream().filter(step -> step.outcome() != Outcome.HELD).count();
        }

        public boolean whole() {
            return missing() == 0 && decidedAgainst.isEmpty();
        }
    }

    /** The reading of each form of the pattern with the fewest clauses missing, the best form first. */
    public List<Reading> explain(PatternDefinition pattern, List<CodeType> types) {
        List<Variant> forms = pattern.variants().isEmpty()
                ? List.of(new Variant("", "", List.of()))
                : pattern.variants();
        List<Reading> best = new ArrayList<>();
        for (Variant form : forms) {
            castings(pattern, types).stream()
                    .map(casting -> read(pattern, form, casting))
                    .min(Comparator.comparingLong(Reading::missing))
                    .ifPresent(best::add);
        }
        best.sort(Comparator.comparingLong(Reading::missing));
        return best;
    }

    /** All ways to give the types to roles that types play; key roles first. */
    private static List<Map<Integer, CodeType>> castings(PatternDefinition pattern, List<CodeType> types) {
        List<Integer> roles = new ArrayList<>();
        for (int i = 0; i < pattern.roles().size(); i++) {
            Role role = pattern.roles().get(i);
            if (role.sort() == Sort.TYPE && (role.key() || role.least() > 0)) {
                roles.add(i);
            }
        }
        List<Map<Integer, CodeType>> castings = new ArrayList<>(List.of(Map.of()));
        for (CodeType type : types) {
            List<Map<Integer, CodeType>> longer = new ArrayList<>();
            for (Map<Integer, CodeType> casting : castings) {
                for (int role : roles) {
                    if (!casting.containsKey(role)) {
                        Map<Integer, CodeType> more = new TreeMap<>(casting);
                        more.put(role, type);
                        longer.add(more);
                    }
                }
            }
            castings = longer;
        }
        return castings;
    }

    private Reading read(PatternDefinition pattern, Variant form, Map<Integer, CodeType> casting) {
        List<Formula> clauses = new ArrayList<>(pattern.recognised());
        clauses.addAll(form.clauses());
        clauses.removeIf(clause -> concernsOnlyTheOptional(pattern, form, clause));
        var solver = new Solver(tables, pattern.variables().size());
        int[] env = solver.free();
        casting.forEach((role, type) -> env[role] = type.id());
        List<Formula> held = new ArrayList<>();
        Map<Formula, Step> told = new IdentityHashMap<>();
        int[] filled = env;
        for (Formula clause : fillingFirst(clauses)) {
            List<Formula> together = new ArrayList<>(held);
            together.add(clause);
            List<SourceSpan> places = new ArrayList<>();
            int[] found = solution(solver, together, env, clause, places);
            boolean speaksOfNothing = clause instanceof Formula.Not && found == null && open(clause, filled);
            if (found != null) {
                held.add(clause);
                filled = found;
            }
            told.put(clause, new Step(worded(pattern, clause, found == null ? filled : found),
                    found != null ? Outcome.HELD : speaksOfNothing ? Outcome.UNDECIDED : Outcome.FAILED, places));
        }
        List<Step> steps = new ArrayList<>(clauses.stream().map(told::get).toList());
        if (steps.stream().allMatch(step -> step.outcome() == Outcome.HELD)) {
            steps.addAll(counted(pattern, held, env, filled));
        }
        Map<String, String> playing = new LinkedHashMap<>();
        casting.forEach((role, type) -> playing.put(pattern.roles().get(role).name(), type.name()));
        return new Reading(form.name(), playing, steps, against(pattern, filled));
    }

    /** Denials, conditions and tests speak of what other clauses fill, wherever these stand. */
    private List<Formula> fillingFirst(List<Formula> clauses) {
        List<Formula> order = new ArrayList<>(clauses);
        order.sort(Comparator.comparing(clause -> switch (clause) {
            case Formula.Not _, Formula.Whenever _ -> true;
            case Formula.Atom atom -> tables.of(atom) == null;
            case Formula.All _, Formula.Either _ -> false;
        }));
        return order;
    }

    /** Whether there are as many players as the roles ask for, around the same players of key roles. */
    private List<Step> counted(PatternDefinition pattern, List<Formula> held, int[] env, int[] filled) {
        List<Step> steps = new ArrayList<>();
        for (int role = 0; role < pattern.roles().size(); role++) {
            int least = pattern.roles().get(role).least();
            if (least > 1 && speaksOf(held, role)) {
                int[] start = env.clone();
                for (int other = 0; other < pattern.roles().size(); other++) {
                    start[other] = pattern.roles().get(other).key() ? filled[other] : start[other];
                }
                start[role] = Filling.OPEN;
                List<Element> found = players(pattern, held, start, role);
                steps.add(new Step(
                        "at least %d play %s, found %d: %s".formatted(least, pattern.roles().get(role).name(),
                                found.size(), String.join(", ", found.stream().map(Element::name).toList())),
                        found.size() >= least ? Outcome.HELD : Outcome.FAILED,
                        found.stream().map(Element::place).filter(Objects::nonNull).limit(3).toList()));
            }
        }
        return steps;
    }

    private static boolean speaksOf(List<Formula> clauses, int role) {
        return clauses.stream().anyMatch(clause -> clause.allVariables().contains(role));
    }

    private List<Element> players(PatternDefinition pattern, List<Formula> held, int[] start, int role) {
        List<Element> found = new ArrayList<>();
        try {
            new Solver(tables, pattern.variables().size()).atMost(MOST_ROWS)
                    .solveEach(held, start, role, Map.of(), (env, evidence) -> {
                        found.add(tables.model().element(env[role]));
                        return found.size() < MOST_NAMED;
                    });
        } catch (Steps.Runaway _) {
            return found; // those found so far are told
        }
        return found;
    }

    private static boolean concernsOnlyTheOptional(PatternDefinition pattern, Variant form, Formula clause) {
        Set<Integer> named = new LinkedHashSet<>();
        form.clauses().forEach(one -> named.addAll(one.variables()));
        return clause.allVariables()
                .stream()
                .anyMatch(variable -> variable < pattern.roles().size()
                        && pattern.roles().get(variable).least() == 0 && !named.contains(variable));
    }

    private int[] solution(Solver solver, List<Formula> together, int[] env, Formula last, List<SourceSpan> places) {
        int[][] found = new int[1][];
        try {
            solver.atMost(MOST_ROWS).solve(together, env.clone(), (solved, evidence) -> {
                found[0] = solved.clone();
                evidence.stream()
                        .filter(one -> one.place() != null && last.atoms().contains(one.atom()))
                        .map(Evidence::place)
                        .limit(3)
                        .forEach(places::add);
                return false;
            });
        } catch (Steps.Runaway _) {
            return null; // too many ways to try: told as not decided
        }
        return found[0];
    }

    private static boolean open(Formula clause, int[] env) {
        return clause.allVariables().stream().anyMatch(variable -> env[variable] < 0);
    }

    /** Other patterns that the facts speak for, with the fact. */
    private Map<String, String> against(PatternDefinition pattern, int[] env) {
        Map<String, String> against = new LinkedHashMap<>();
        Map<Integer, Set<Integer>> players = new LinkedHashMap<>();
        for (int i = 0; i < pattern.roles().size(); i++) {
            if (env[i] >= 0) {
                players.put(i, Set.of(env[i]));
            }
        }
        var inquiry = new Inquiry(tables);
        for (Unlike unlike : pattern.unlikes()) {
            if (inquiry.someHolds(pattern, unlike.when(), players)) {
                against.put(unlike.pattern(), unlike.about());
            }
        }
        return against;
    }

    private String worded(PatternDefinition pattern, Formula clause, int[] env) {
        var words = new StringBuilder();
        for (String word : clause.text().split(" ")) {
            int variable = pattern.variables().indexOf(word.replaceAll("[(),]", ""));
            Element element = variable >= 0 && env[variable] >= 0 ? tables.model().element(env[variable]) : null;
            words.append(words.isEmpty() ? "" : " ").append(element == null ? word : element.name());
        }
        return words.toString();
    }
}
