package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Over the cases of a pattern, taken as one code base: a narrowed search finds what one without does, and less is tried. */
class NarrowingTest {
    private static final Path SUITE = Path.of("src/test/resources/suite");

    static Stream<Path> patterns() throws IOException {
        try (var folders = Files.list(SUITE)) {
            return folders.filter(folder -> Catalogue.shipped().definition(folder.getFileName().toString()) != null)
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("patterns")
    void losesNothing(Path folder) throws Exception {
        Project project = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET);
        var tables = new Tables(project.model());
        PatternDefinition definition = Catalogue.shipped().definition(folder.getFileName().toString());
        for (PatternPlan plan : PatternPlan.of(definition)) {
            assertThat(cores(plan, tables, true)).as(plan.variant().name()).isEqualTo(cores(plan, tables, false));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("patterns")
    void leavesLittleToTry(Path folder) throws Exception {
        Project project = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET);
        var tables = new Tables(project.model());
        PatternDefinition definition = Catalogue.shipped().definition(folder.getFileName().toString());
        for (PatternPlan plan : PatternPlan.of(definition)) {
            BitSet[] known = new BitSet[definition.variables().size()];
            BitSet[] left = Narrowing.of(tables, plan.together(null), known);
            List<Integer> types = plan.coreVariables().stream().filter(core -> left[core] != null).toList();
            assertThat(types).as("%s narrows no role", plan.variant().name()).isNotEmpty();
            assertThat(types).allSatisfy(
                    core -> assertThat(left[core].cardinality()).isLessThan(project.model().elements().size() / 2));
        }
    }

    private static Set<List<Integer>> cores(PatternPlan plan, Tables tables, boolean narrowed) {
        var solver = new Solver(tables, plan.pattern().variables().size());
        if (narrowed) {
            solver.narrow(plan.together(null));
        }
        int[] wanted = plan.coreVariables().stream().mapToInt(Integer::intValue).toArray();
        Set<List<Integer>> found = new TreeSet<>(NarrowingTest::compare);
        solver.solve(plan.together(null), solver.free(), wanted, (env, evidence) -> {
            List<Integer> core = new ArrayList<>();
            Arrays.stream(wanted).forEach(variable -> core.add(env[variable]));
            found.add(core);
            return true;
        });
        return found;
    }

    private static int compare(List<Integer> one, List<Integer> other) {
        for (int i = 0; i < one.size(); i++) {
            if (!one.get(i).equals(other.get(i))) {
                return one.get(i).compareTo(other.get(i));
            }
        }
        return 0;
    }
}
