package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Over the cases of a pattern, taken as one code base: a narrowed search finds what one without does, and less is tried. */
class NarrowingTest {
    @ParameterizedTest(name = "{0}")
    @MethodSource("dev.huella.core.SuiteFolders#patterns")
    void losesNothingAndLeavesLittleToTry(Path folder) throws Exception {
        Project project = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET);
        var tables = new Tables(project.model());
        PatternDefinition definition = Catalogue.shipped().definition(folder.getFileName().toString());
        int found = 0;
        for (PatternPlan plan : PatternPlan.of(definition)) {
            Set<List<Integer>> cores = cores(plan, tables, true);
            assertThat(cores).as(plan.variant().name()).isEqualTo(cores(plan, tables, false));
            found += cores.size();
            BitSet[] left = Narrowing.of(tables, plan.together(null), new BitSet[definition.variables().size()]);
            List<Integer> narrowed = plan.coreVariables().stream().filter(core -> left[core] != null).toList();
            assertThat(narrowed).as("%s narrows no role", plan.variant().name()).isNotEmpty();
            assertThat(narrowed).allSatisfy(
                    core -> assertThat(left[core].cardinality()).isLessThan(project.model().elements().size() / 2));
        }
        assertThat(found).as("nothing to lose").isPositive();
    }

    private static Set<List<Integer>> cores(PatternPlan plan, Tables tables, boolean narrowed) {
        var solver = new Solver(tables, plan.pattern().variables().size());
        if (narrowed) {
            solver.narrow(plan.together(null));
        }
        int[] wanted = plan.coreVariables().stream().mapToInt(Integer::intValue).toArray();
        Set<List<Integer>> found = new HashSet<>();
        solver.solve(plan.together(null), solver.free(), wanted, (env, evidence) -> {
            List<Integer> core = new ArrayList<>();
            Arrays.stream(wanted).forEach(variable -> core.add(env[variable]));
            found.add(core);
            return true;
        });
        return found;
    }
}
