package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Atom;
import dev.huella.core.molde.Formula.Quantifier;
import dev.huella.core.molde.Formula.Term;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Conditions made at random: what is found is what trying every combination finds. */
class SolverTest {
    private static final int VARIABLES = 6;
    /** From 63 on variables are no longer told apart by a bit each. */
    private static final int MANY = 60;
    private static final int TRIALS = 80;
    /** Going through all ways to fill what does not matter takes some 2,000. */
    private static final int FEW_STEPS = 200;
    @TempDir
    private static Path folder;
    private static Model model;
    private static List<Element> elements;

    @BeforeAll
    static void readsSomeElements() throws Exception {
        Files.writeString(folder.resolve("Berths.java"), "class North {} class South {} class East {} class West {}");
        model = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET).model();
        elements = model.declared().stream().map(type -> (Element) type).toList();
        assertThat(elements).hasSize(4);
    }

    /** Rows by positions in {@link #elements}. */
    private record Rows(int width, Set<List<Integer>> rows) implements Clause.Listed {
        @Override
        public String syntax() {
            return "{type} ".repeat(width).strip();
        }

        @Override
        public String meaning() {
            return "stands in a row";
        }

        @Override
        public void rows(Model ignored, Clause.Rows into) {
            rows.forEach(row -> into.add(null, row.stream().map(elements::get).toArray(Element[]::new)));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void findsWhatTryingEverythingFinds(int seed) {
        var random = new Random(seed);
        int found = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            List<Formula> conditions = conditions(random, random.nextBoolean() ? 0 : MANY);
            int[] filled = filled(conditions);
            int[] wanted = IntStream.of(filled).filter(variable -> random.nextInt(3) == 0).toArray();
            String said = conditions.stream().map(Formula::text).toList().toString();
            assertThat(searched(conditions, filled, new int[0])).as(said).isEqualTo(tried(conditions, filled));
            Set<List<Integer>> some = searched(conditions, wanted, wanted);
            assertThat(some).as("%s for %s", said, Arrays.toString(wanted)).isEqualTo(tried(conditions, wanted));
            found += some.size();
        }
        assertThat(found).as("nothing to find").isGreaterThan(TRIALS);
    }

    @Test
    void doesNotTryAgainWhatCannotMatter() {
        Rows all = new Rows(2, pairs(row -> true));
        Rows left = new Rows(3, triples(row -> (row.get(1) + row.get(2)) % 2 == 0));
        Rows right = new Rows(3, triples(row -> (row.get(1) + row.get(2)) % 2 == 1));
        List<Formula> conditions = List.of(atom(all, 0, 1), atom(all, 1, 2), atom(all, 2, 3), atom(left, 0, 4, 5),
                atom(right, 0, 4, 5));
        var solver = new Solver(new Tables(model), MANY + VARIABLES).atMost(FEW_STEPS);
        boolean[] found = {false};
        solver.solve(conditions, solver.free(), (env, evidence) -> found[0] = true);
        assertThat(found[0]).isFalse();
    }

    private static Set<List<Integer>> pairs(Predicate<List<Integer>> which) {
        return triples(row -> row.get(2) == 0 && which.test(row)).stream()
                .map(row -> row.subList(0, 2))
                .collect(Collectors.toSet());
    }

    private static Set<List<Integer>> triples(Predicate<List<Integer>> which) {
        int size = elements.size();
        return IntStream.range(0, size * size * size)
                .mapToObj(number -> List.of(number / size / size, number / size % size, number % size))
                .filter(which)
                .collect(Collectors.toSet());
    }

    private static List<Formula> conditions(Random random, int first) {
        List<Formula> conditions = new ArrayList<>();
        IntStream.range(0, 2 + random.nextInt(5)).forEach(_ -> conditions.add(atom(random, first)));
        int[] filled = filled(conditions);
        for (int i = random.nextInt(4); i > 0; i--) {
            Formula one = atomOf(random, filled);
            Formula other = new Formula.All(List.of(atomOf(random, filled), atomOf(random, filled)));
            conditions.add(random.nextInt(conditions.size() + 1), switch (random.nextInt(3)) {
                case 0 -> new Formula.Not(one);
                case 1 -> new Formula.Not(other);
                default -> new Formula.Either(List.of(one, other));
            });
        }
        return conditions;
    }

    private static Atom atom(Random random, int first) {
        return atomOf(random, IntStream.range(first, first + VARIABLES).toArray());
    }

    private static Atom atomOf(Random random, int[] variables) {
        int width = 1 + random.nextInt(4);
        Set<List<Integer>> rows = new HashSet<>();
        for (int i = (int) (0.9 * Math.pow(elements.size(), width)); i > 0; i--) {
            rows.add(random.ints(width, 0, elements.size()).boxed().toList());
        }
        return atom(new Rows(width, rows),
                random.ints(width, 0, variables.length).map(which -> variables[which]).toArray());
    }

    private static Atom atom(Rows rows, int... variables) {
        List<Term> terms = IntStream.of(variables)
                .mapToObj(variable -> new Term(variable, Quantifier.PLAIN, List.of()))
                .toList();
        return new Atom(rows, null, terms, Arrays.toString(variables) + " in " + rows.rows(), 0);
    }

    /** The variables that conditions fill. */
    private static int[] filled(List<Formula> conditions) {
        return conditions.stream()
                .filter(Atom.class::isInstance)
                .flatMap(atom -> atom.variables().stream())
                .mapToInt(Integer::intValue)
                .sorted()
                .distinct()
                .toArray();
    }

    /** The callback searches as well, as those who are told of a find do. */
    private static Set<List<Integer>> searched(List<Formula> conditions, int[] told, int[] wanted) {
        var solver = new Solver(new Tables(model), MANY + VARIABLES);
        Set<List<Integer>> found = new HashSet<>();
        Solver.Solutions to = (env, evidence) -> {
            List<Integer> row = new ArrayList<>();
            IntStream.of(told).forEach(variable -> row.add(positionOf(env[variable])));
            conditions.forEach(condition -> solver.holds(new Formula.Not(condition), env));
            found.add(row);
            return true;
        };
        if (wanted.length == 0 && told.length > 0) {
            solver.solve(conditions, solver.free(), to);
        } else {
            solver.solve(conditions, solver.free(), wanted, to);
        }
        return found;
    }

    private static int positionOf(int element) {
        return elements.indexOf(model.element(element));
    }

    private static Set<List<Integer>> tried(List<Formula> conditions, int[] told) {
        Set<List<Integer>> found = new HashSet<>();
        int combinations = (int) Math.pow(elements.size(), VARIABLES);
        for (int combination = 0; combination < combinations; combination++) {
            int[] env = new int[MANY + VARIABLES];
            for (int i = 0, left = combination; i < VARIABLES; i++, left /= elements.size()) {
                env[i] = left % elements.size();
                env[MANY + i] = env[i];
            }
            if (conditions.stream().allMatch(condition -> holds(condition, env))) {
                found.add(IntStream.of(told).mapToObj(variable -> env[variable]).toList());
            }
        }
        return found;
    }

    private static boolean holds(Formula formula, int[] env) {
        return switch (formula) {
            case Atom atom -> ((Rows) atom.clause()).rows()
                    .contains(atom.terms().stream().map(term -> env[term.variable()]).toList());
            case Formula.Not not -> !holds(not.of(), env);
            case Formula.All all -> all.of().stream().allMatch(part -> holds(part, env));
            case Formula.Either either -> either.of().stream().anyMatch(part -> holds(part, env));
            case Formula.Whenever _ -> throw new IllegalArgumentException(formula.text());
        };
    }
}
