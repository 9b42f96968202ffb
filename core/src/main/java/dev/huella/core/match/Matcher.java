package dev.huella.core.match;

import dev.huella.core.model.Model;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;

/** Holds definitions against one model. Tables made for one definition serve the next. */
public final class Matcher {
    /** More rows than any sensible definition needs on a large code base. */
    private static final long MOST_ROWS = 60_000_000L;
    /** For the other forms of a definition of which one was stopped. */
    private static final long FEW_ROWS = MOST_ROWS / 10;
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

    /**
     * Makes the tables that these definitions ask for. Clauses come first, for they need nothing of each other and keep all
     * processors at work; left to the definitions, one would make what others wait for.
     *
     * @param wanted asked before each table; false ends the work
     */
    public void prepare(List<PatternDefinition> definitions, BooleanSupplier wanted) {
        List<Formula.Atom> clauses = new ArrayList<>();
        List<Formula.Atom> phrases = new ArrayList<>();
        Set<Object> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        definitions.forEach(
                definition -> definition.formulas().forEach(formula -> collect(formula, clauses, phrases, seen)));
        for (List<Formula.Atom> atoms : List.of(clauses, phrases)) {
            SideBySide.each(atoms, atom -> {
                if (wanted.getAsBoolean()) {
                    tables.of(atom);
                }
            });
        }
    }

    /** One atom for each clause and phrase; those that a phrase rests on come before it. */
    private static void collect(Formula formula, List<Formula.Atom> clauses, List<Formula.Atom> phrases,
            Set<Object> seen) {
        for (Formula.Atom atom : formula.atoms()) {
            if (atom.phrase() == null && seen.add(atom.clause())) {
                clauses.add(atom);
            } else if (atom.phrase() != null && seen.add(atom.phrase())) {
                collect(atom.phrase().means(), clauses, phrases, seen);
                phrases.add(atom);
            }
        }
    }

    /** All finds and near misses of a pattern, in the order of their ids. */
    public Result find(PatternDefinition pattern) {
        var collected = new InstanceCollector(pattern, tables.model());
        List<NearMiss> misses = new ArrayList<>();
        String stopped = null;
        for (PatternPlan plan : PatternPlan.of(pattern)) {
            try {
                var search = new InstanceSearch(plan, tables, stopped == null ? MOST_ROWS : FEW_ROWS, collected,
                        misses);
                search.run();
                search.runNearMisses();
            } catch (Steps.Runaway runaway) {
                stopped = ("The definition of %s was stopped after %,d steps, and may miss instances: some clause joins "
                        + "roles that nothing else ties together, or the code base is too large for it.")
                        .formatted(pattern.id(), MOST_ROWS);
            }
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
