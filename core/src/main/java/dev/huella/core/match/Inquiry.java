package dev.huella.core.match;

import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Quantifier;
import dev.huella.core.molde.Formula.Term;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Asks whether a condition holds for the players of an instance, and answers with places or with what was missing. */
public final class Inquiry {
    private static final int MOST_PLACES = 8;
    private static final int MOST_SOLUTIONS = 64;
    private static final long MOST_ROWS = 5_000_000;
    private final Tables tables;
    private final long mostRows;

    public Inquiry(Matcher matcher) {
        this(matcher.tables());
    }

    Inquiry(Tables tables) {
        this(tables, MOST_ROWS);
    }

    /** {@code mostRows}: after so many an answer is ended. */
    Inquiry(Tables tables, long mostRows) {
        this.tables = tables;
        this.mostRows = mostRows;
    }

    /** How an answer came out. */
    public enum Outcome {
        HOLDS, FAILS,
        /** What it rests on could not be read. */
        OPEN,
        /** It would have taken too long. */
        ENDED
    }

    /**
     * An answer with what it rests on.
     *
     * @param speaking names by role for which it was decided, for putting it into words
     * @param unread players of which part could not be read; the answer is open because of them
     */
    public record Answer(Outcome outcome, List<SourceSpan> places, Map<String, String> speaking, List<Element> unread) {
        public Answer {
            places = List.copyOf(places);
            unread = List.copyOf(unread);
        }
    }

    /** Whether the condition holds for every choice of players. */
    public Answer everyHolds(PatternInstance instance, Formula formula) {
        try {
            return answered(instance, formula);
        } catch (Steps.Runaway _) {
            return new Answer(Outcome.ENDED, List.of(), Map.of(), List.of());
        }
    }

    private Answer answered(PatternInstance instance, Formula formula) {
        Map<Integer, Set<Integer>> players = numbers(instance);
        var run = new Run(instance.pattern(), formula, players);
        Outcome worst = Outcome.HOLDS;
        Set<SourceSpan> places = new LinkedHashSet<>();
        Set<SourceSpan> shown = new LinkedHashSet<>();
        Map<String, String> speaking = new LinkedHashMap<>();
        for (int[] env : run.choices()) {
            var found = new LinkedHashSet<SourceSpan>();
            int[] spoken = env.clone();
            if (run.check(run.formula, env, found, spoken)) {
                shown.addAll(found);
            } else {
                worst = Outcome.FAILS;
                places.addAll(found);
                run.names(spoken).forEach(speaking::putIfAbsent);
            }
        }
        List<Element> unread = unread(run, players);
        boolean onAbsence = worst == Outcome.FAILS ? places.isEmpty() : shown.isEmpty() || hasWhenever(run.formula);
        Outcome outcome = onAbsence && !unread.isEmpty() ? Outcome.OPEN : worst;
        List<SourceSpan> evidence = (worst == Outcome.FAILS ? places : shown).stream().limit(MOST_PLACES).toList();
        return new Answer(outcome, evidence, speaking, outcome == Outcome.OPEN ? unread : List.of());
    }

    private static boolean hasWhenever(Formula formula) {
        return formula instanceof Formula.Whenever
                || formula instanceof Formula.All all && all.of().stream().anyMatch(Inquiry::hasWhenever);
    }

    /** Whether it holds for some choice of players. */
    boolean someHolds(PatternDefinition pattern, Formula formula, Map<Integer, Set<Integer>> players) {
        var run = new Run(pattern, formula, players);
        try {
            for (int[] env : run.choices()) {
                if (run.solver.holds(run.formula, env)) {
                    return true;
                }
            }
        } catch (Steps.Runaway _) {
            return false; // what takes too long to tell is not taken for granted
        }
        return false;
    }

    private static Map<Integer, Set<Integer>> numbers(PatternInstance instance) {
        Map<Integer, Set<Integer>> numbers = new HashMap<>();
        instance.players()
                .forEach((role, players) -> numbers.put(instance.pattern().role(role), players.stream()
                        .map(Player::element)
                        .map(Element::id)
                        .collect(Collectors.toCollection(LinkedHashSet::new))));
        return numbers;
    }

    private List<Element> unread(Run run, Map<Integer, Set<Integer>> players) {
        List<Element> found = new ArrayList<>();
        Set<Integer> asked = run.original.allVariables();
        boolean searches = asked.stream().anyMatch(variable -> variable >= run.pattern.roles().size());
        for (int role : asked) {
            for (int element : players.getOrDefault(role, Set.of())) {
                Element player = tables.model().element(element);
                // what is searched for around a field may stand in the part of its type that could not be read
                Element concerned = searches && player instanceof Field field ? field.home() : player;
                if (partlyUnread(concerned) && !found.contains(concerned)) {
                    found.add(concerned);
                }
            }
        }
        return found;
    }

    private static boolean partlyUnread(Element element) {
        return switch (element) {
            case CodeType type -> !type.unreadable().isEmpty();
            case Operation operation -> operation.place() != null
                    && operation.home().unreadable().stream().anyMatch(operation.place()::contains);
            default -> false;
        };
    }

    /** One question with quantified roles taken apart. */
    private final class Run {
        private final PatternDefinition pattern;
        private final Formula original;
        private final Formula formula;
        private final Map<Integer, Set<Integer>> players;
        private final Map<Integer, Set<Integer>> domains = new HashMap<>();
        private final Solver solver;
        private int variables;

        Run(PatternDefinition pattern, Formula original, Map<Integer, Set<Integer>> players) {
            this.pattern = pattern;
            this.original = original;
            this.players = players;
            this.variables = pattern.variables().size();
            this.formula = rewrite(original);
            this.solver = new Solver(tables, variables).atMost(mostRows);
            domains.forEach(solver::restrict);
        }

        /** A quantified role becomes a variable of its own that stands for one of its players; "no" denies the rest. */
        private Formula rewrite(Formula from) {
            return switch (from) {
                case Formula.All all -> new Formula.All(all.of().stream().map(this::rewrite).toList());
                case Formula.Either either -> new Formula.Either(either.of().stream().map(this::rewrite).toList());
                case Formula.Not not -> new Formula.Not(rewrite(not.of()));
                case Formula.Whenever whenever ->
                    new Formula.Whenever(rewrite(whenever.when()), rewrite(whenever.then()), whenever.mostly());
                case Formula.Atom atom -> rewrite(atom);
            };
        }

        private Formula rewrite(Formula.Atom atom) {
            boolean denied = false;
            List<Term> terms = new ArrayList<>();
            for (Term term : atom.terms()) {
                if (term.quantifier() == Quantifier.SOME || term.quantifier() == Quantifier.NO) {
                    domains.put(variables, players.getOrDefault(term.variable(), Set.of()));
                    terms.add(new Term(variables++, Quantifier.PLAIN, List.of()));
                    denied |= term.quantifier() == Quantifier.NO;
                } else {
                    terms.add(term);
                }
            }
            var plain = new Formula.Atom(atom.clause(), atom.phrase(), terms, atom.text(), atom.line());
            return denied ? new Formula.Not(plain) : plain;
        }

        /** Every combination of players for the roles that the condition speaks of without a quantifier. */
        List<int[]> choices() {
            List<int[]> choices = new ArrayList<>();
            int[] first = solver.free();
            domains.forEach((variable, elements) -> {
                if (elements.size() == 1) {
                    first[variable] = elements.iterator().next();
                }
            });
            choices.add(first);
            for (int role : original.variables()) {
                if (role < pattern.roles().size()) {
                    List<int[]> longer = new ArrayList<>();
                    for (int[] choice : choices) {
                        for (int player : players.getOrDefault(role, Set.of())) {
                            int[] env = choice.clone();
                            env[role] = player;
                            longer.add(env);
                        }
                    }
                    choices = longer;
                }
            }
            return choices;
        }

        boolean check(Formula asked, int[] env, Set<SourceSpan> places, int[] spoken) {
            return switch (asked) {
                case Formula.Not not -> !some(not.of(), env, places, spoken, MOST_PLACES);
                case Formula.Whenever whenever when !whenever.mostly() -> always(whenever, env, places, spoken);
                case Formula.Either either -> either.of().stream().anyMatch(part -> check(part, env, places, spoken));
                case Formula.All all when apart(all, env) ->
                    all.of().stream().allMatch(part -> check(part, env, places, spoken));
                default -> some(asked, env, places, spoken, MOST_PLACES);
            };
        }

        /**
         * True when no open name joins two parts, so that each can be checked for itself. Names that only denials and
         * promises speak of are their own.
         */
        private boolean apart(Formula.All all, int[] env) {
            Map<Integer, Integer> uses = new HashMap<>();
            Set<Integer> sought = new HashSet<>();
            for (Formula part : all.of()) {
                for (int variable : part.allVariables()) {
                    uses.merge(variable, 1, Integer::sum);
                    if (!(part instanceof Formula.Not || part instanceof Formula.Whenever)) {
                        sought.add(variable);
                    }
                }
            }
            return sought.stream().noneMatch(variable -> env[variable] < 0 && uses.get(variable) > 1);
        }

        private boolean some(Formula asked, int[] env, Set<SourceSpan> places, int[] spoken, int most) {
            if (!solver.holds(asked, env)) {
                return false;
            }
            boolean[] any = new boolean[1];
            int[] left = {MOST_SOLUTIONS};
            solver.solve(List.of(asked), env.clone(), (found, evidence) -> {
                evidence.stream().map(Evidence::place).filter(place -> place != null).forEach(places::add);
                if (!any[0]) {
                    System.arraycopy(found, 0, spoken, 0, Math.min(found.length, spoken.length));
                }
                any[0] = true;
                return places.size() < most && !places.isEmpty() && --left[0] > 0;
            });
            return any[0];
        }

        private boolean always(Formula.Whenever whenever, int[] env, Set<SourceSpan> places, int[] spoken) {
            List<int[]> failing = new ArrayList<>();
            Set<SourceSpan> kept = new LinkedHashSet<>();
            solver.solve(List.of(whenever.when()), env.clone(), (found, evidence) -> {
                int[] against = found.clone();
                Set<SourceSpan> seen = new LinkedHashSet<>();
                boolean holds = check(whenever.then(), found.clone(), seen, against);
                Set<SourceSpan> into = holds ? kept : places;
                if (!holds) {
                    into.addAll(seen);
                }
                Evidence.lastFirst(evidence, whenever.when()).stream().limit(2).forEach(into::add);
                if (!holds) {
                    failing.add(against);
                    elementPlaces(whenever.when(), found, places);
                }
                return failing.size() < MOST_PLACES;
            });
            if (failing.isEmpty()) {
                places.addAll(kept);
                return true;
            }
            System.arraycopy(failing.getFirst(), 0, spoken, 0, spoken.length);
            return false;
        }

        /** When no row has a place, the operation concerned is the place. */
        private void elementPlaces(Formula when, int[] found, Set<SourceSpan> places) {
            if (places.isEmpty()) {
                when.variables()
                        .stream()
                        .filter(variable -> found[variable] >= 0)
                        .map(variable -> tables.model().element(found[variable]))
                        .filter(Operation.class::isInstance)
                        .map(Element::place)
                        .filter(place -> place != null)
                        .reduce((first, second) -> second)
                        .ifPresent(places::add);
            }
        }

        /** Names of what the variables stand for; quantified roles under the role's own name. */
        Map<String, String> names(int[] env) {
            Map<String, String> names = new LinkedHashMap<>();
            for (int i = 0; i < pattern.variables().size(); i++) {
                if (env[i] >= 0) {
                    names.put(pattern.variables().get(i), tables.model().element(env[i]).name());
                }
            }
            original.atoms().forEach(atom -> quantified(atom, env, names));
            return names;
        }

        private void quantified(Formula.Atom atom, int[] env, Map<String, String> names) {
            for (Term term : atom.terms()) {
                if (term.isVariable() && term.quantifier() != Quantifier.PLAIN) {
                    for (var domain : domains.entrySet()) {
                        if (domain.getValue().equals(players.getOrDefault(term.variable(), Set.of()))
                                && env[domain.getKey()] >= 0) {
                            names.putIfAbsent(pattern.variables().get(term.variable()),
                                    tables.model().element(env[domain.getKey()]).name());
                        }
                    }
                }
            }
        }
    }
}
