package dev.huella.core.match;

import dev.huella.core.molde.Formula;
import dev.huella.core.molde.Formula.Quantifier;
import dev.huella.core.molde.Formula.Term;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Before a search, what each variable can be at most: an element stays only as long as every condition that speaks of the
 * variable has a row with it whose other elements stay as well. What this leaves is found by going through tables, not by
 * trying combinations, and nothing that could be found is lost.
 */
final class Narrowing {
    private static final int MOST_ROUNDS = 6;
    /** Going through rows by an index pays when it leaves out most of them. */
    private static final int FEW = 4;
    private final Tables tables;
    /** By variable; null where nothing is known. */
    private final BitSet[] domains;
    /** By variable, how often it was left less. */
    private final int[] changes;

    private Narrowing(Tables tables, BitSet[] domains) {
        this.tables = tables;
        this.domains = domains;
        this.changes = new int[domains.length];
    }

    /**
     * The elements that each variable can be filled with so that all conditions can hold. What only denials and ways to
     * choose from speak of stays open, for these ask whether there is such a thing at all.
     *
     * @param known by variable, what it can be at most; null for a variable that may be anything, in the answer as well
     */
    static BitSet[] of(Tables tables, List<Formula> formulas, BitSet[] known) {
        var narrowing = new Narrowing(tables, known.clone());
        narrowing.unshare();
        List<Step> order = formulas.stream()
                .sorted(Comparator.comparingInt(narrowing::size))
                .map(Step::new)
                .toList();
        boolean changed = true;
        for (int round = 0; changed && round < MOST_ROUNDS; round++) {
            changed = false;
            for (Step step : order) {
                changed |= narrowing.take(step);
            }
        }
        Set<Integer> filled = new HashSet<>();
        formulas.forEach(formula -> fills(formula, filled));
        for (int variable = 0; variable < known.length; variable++) {
            narrowing.domains[variable] = filled.contains(variable) ? narrowing.domains[variable] : known[variable];
        }
        return narrowing.domains;
    }

    /** A condition, and how often what its variables can be had changed when it last was gone through. */
    private static final class Step {
        private final Formula formula;
        private final Set<Integer> variables;
        private int changes = -1;

        Step(Formula formula) {
            this.formula = formula;
            this.variables = formula.allVariables();
        }
    }

    /** Nothing comes of a condition when nothing it speaks of has changed. */
    private boolean take(Step step) {
        int before = changes(step.variables);
        if (before == step.changes) {
            return false;
        }
        boolean changed = narrow(step.formula);
        step.changes = step.formula instanceof Formula.Atom ? changes(step.variables) : before;
        return changed;
    }

    private int changes(Set<Integer> variables) {
        int sum = 0;
        for (int variable : variables) {
            sum += changes[variable];
        }
        return sum;
    }

    private static void fills(Formula formula, Set<Integer> filled) {
        if (formula instanceof Formula.Atom atom) {
            filled.addAll(atom.variables());
        } else if (formula instanceof Formula.All all) {
            all.of().forEach(part -> fills(part, filled));
        }
    }

    /** Small tables narrow what has to be looked up in large ones; denials take away from what others left. */
    private int size(Formula formula) {
        return switch (formula) {
            case Formula.Atom atom when byRows(atom) -> tables.of(atom).size();
            case Formula.All all -> all.of().stream().mapToInt(this::size).min().orElse(0);
            case Formula.Either either -> either.of().stream().mapToInt(this::size).max().orElse(0);
            default -> Integer.MAX_VALUE;
        };
    }

    private boolean byRows(Formula.Atom atom) {
        return atom.terms().stream().allMatch(term -> term.quantifier() == Quantifier.PLAIN) && tables.of(atom) != null;
    }

    /** True when less is left than before. */
    private boolean narrow(Formula formula) {
        return switch (formula) {
            case Formula.Atom atom -> byRows(atom) && narrow(tables.of(atom), columns(atom));
            case Formula.All all -> {
                boolean changed = false;
                for (Formula part : all.of()) {
                    changed |= narrow(part);
                }
                yield changed;
            }
            case Formula.Either either -> narrow(either);
            case Formula.Not not -> not.of() instanceof Formula.Atom atom && byRows(atom) && deny(atom);
            case Formula.Whenever _ -> false;
        };
    }

    private static int[] columns(Formula.Atom atom) {
        return atom.terms().stream().mapToInt(Term::variable).toArray();
    }

    private boolean narrow(Table table, int[] columns) {
        BitSet[] left = new BitSet[columns.length];
        Arrays.setAll(left, column -> new BitSet());
        int narrowest = -1;
        for (int column = 0; column < columns.length; column++) {
            BitSet domain = domains[columns[column]];
            if (domain != null && (narrowest < 0 || size(columns[column]) < size(columns[narrowest]))) {
                narrowest = column;
            }
        }
        if (narrowest >= 0 && size(columns[narrowest]) < table.size() / FEW) {
            int column = narrowest;
            BitSet domain = domains[columns[column]];
            for (int element = domain.nextSetBit(0); element >= 0; element = domain.nextSetBit(element + 1)) {
                Table.Slice slice = table.rows(column, element);
                for (int i = 0; i < slice.size(); i++) {
                    keep(table, slice.row(i), columns, left);
                }
            }
        } else {
            for (int row = 0; row < table.size(); row++) {
                keep(table, row, columns, left);
            }
        }
        return settle(columns, left);
    }

    private int size(int variable) {
        return domains[variable].cardinality();
    }

    private void keep(Table table, int row, int[] columns, BitSet[] left) {
        for (int column = 0; column < columns.length; column++) {
            BitSet domain = domains[columns[column]];
            if (domain != null && !domain.get(table.cell(row, column))) {
                return;
            }
        }
        for (int column = 0; column < columns.length; column++) {
            left[column].set(table.cell(row, column));
        }
    }

    private boolean settle(int[] columns, BitSet[] left) {
        boolean changed = false;
        for (int column = 0; column < columns.length; column++) {
            changed |= narrowTo(columns[column], left[column]);
        }
        return changed;
    }

    private boolean narrowTo(int variable, BitSet to) {
        BitSet domain = domains[variable];
        if (domain == null) {
            domains[variable] = to;
            return isLess(variable, true);
        }
        int before = domain.cardinality();
        domain.and(to);
        return isLess(variable, domain.cardinality() < before);
    }

    private boolean isLess(int variable, boolean less) {
        changes[variable] += less ? 1 : 0;
        return less;
    }

    /** What one of the ways leaves may stay. */
    private boolean narrow(Formula.Either either) {
        BitSet[] together = null;
        for (Formula way : either.of()) {
            var one = new Narrowing(tables, domains.clone());
            one.unshare();
            one.narrow(way);
            together = together == null ? one.domains : joined(together, one.domains);
        }
        boolean changed = false;
        for (int variable : either.allVariables()) {
            if (together != null && together[variable] != null) {
                changed |= narrowTo(variable, together[variable]);
            }
        }
        return changed;
    }

    /** From here on these are nobody else's. */
    private void unshare() {
        for (int variable = 0; variable < domains.length; variable++) {
            domains[variable] = domains[variable] == null ? null : (BitSet) domains[variable].clone();
        }
    }

    private static BitSet[] joined(BitSet[] first, BitSet[] second) {
        for (int variable = 0; variable < first.length; variable++) {
            if (first[variable] == null || second[variable] == null) {
                first[variable] = null;
            } else {
                first[variable].or(second[variable]);
            }
        }
        return first;
    }

    private boolean deny(Formula.Atom atom) {
        Set<Integer> denied = atom.variables();
        if (denied.size() != 1 || atom.terms().size() != 1 || domains[denied.iterator().next()] == null) {
            return false;
        }
        int variable = denied.iterator().next();
        BitSet domain = domains[variable];
        Table table = tables.of(atom);
        int before = domain.cardinality();
        for (int row = 0; row < table.size(); row++) {
            domain.clear(table.cell(row, 0));
        }
        return isLess(variable, domain.cardinality() < before);
    }
}
