package dev.huella.core.match;

import dev.huella.core.model.Model;
import dev.huella.core.molde.PatternDefinition;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Holds definitions against one model. Tables made for one definition serve the next. */
public final class Matcher {
    /** More rows than any sensible definition needs on a large code base. */
    private static final long MOST_ROWS = 60_000_000L;
    private final Tables tables;

    public Matcher(Model model) {
        tables = new Tables(model);
    }

    /** What one definition found. {@code stopped} says why it was not searched to the end; null when it was. */
    public record Result(List<PatternInstance> instances, List<NearMiss> nearMisses, String stopped) {
        public Result {
            instances = List.copyOf(instances);
            nearMisses = List.copyOf(nearMisses);
        }
    }

    /** All finds and near misses of a pattern, in the order of their ids. */
    public Result find(PatternDefinition pattern) {
        var collected = new InstanceCollector(pattern, tables.model());
        List<NearMiss> misses = new ArrayList<>();
        String stopped = null;
        try {
            for (PatternPlan plan : PatternPlan.of(pattern)) {
                var search = new InstanceSearch(plan, tables, MOST_ROWS, collected, misses);
                search.run();
                search.runNearMisses();
            }
        } catch (Solver.Runaway runaway) {
            stopped = ("The definition of %s was stopped after %,d steps; some clause joins roles that nothing else "
                    + "ties together.").formatted(pattern.id(), MOST_ROWS);
        }
        List<PatternInstance> instances = collected.instances(new Inquiry(this))
                .stream()
                .sorted(Comparator.comparing(PatternInstance::id))
                .toList();
        return new Result(instances, collected.withoutFound(misses), stopped);
    }

    Tables tables() {
        return tables;
    }
}
