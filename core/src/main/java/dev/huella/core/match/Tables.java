package dev.huella.core.match;

import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PhraseDefinition;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** The tables of one model, each made when first needed: from a clause's own rows, or from what a phrase means. */
final class Tables {
    private final Model model;
    private final Map<Object, Making> made = Collections.synchronizedMap(new IdentityHashMap<>());

    Tables(Model model) {
        this.model = model;
    }

    Model model() {
        return model;
    }

    /** A table that one thread makes and all others wait for. */
    private final class Making {
        private final Formula.Atom atom;
        private boolean begun;
        private Table table;

        Making(Formula.Atom atom) {
            this.atom = atom;
        }

        /** A phrase that means itself is asked for by the thread that makes it: it holds for nothing more. */
        synchronized Table table() {
            if (table == null && begun) {
                return new Table(width()).close();
            }
            if (table == null) {
                begun = true;
                table = atom.phrase() == null ? rows((Clause.Listed) atom.clause()) : rows(atom.phrase());
            }
            return table;
        }

        private int width() {
            return atom.terms().size();
        }
    }

    /** Null for clauses that can only be tested. */
    Table of(Formula.Atom atom) {
        if (atom.clause() instanceof Clause.Tested) {
            return null;
        }
        Object key = atom.phrase() == null ? atom.clause() : atom.phrase();
        return made.computeIfAbsent(key, ignored -> new Making(atom)).table();
    }

    private Table rows(Clause.Listed clause) {
        int width = (int) clause.syntax().chars().filter(letter -> letter == '{').count();
        var table = new Table(width);
        clause.rows(model, table::add);
        return table.close();
    }

    /** A phrase's rows are the solutions of what it means. */
    private Table rows(PhraseDefinition phrase) {
        int width = phrase.parameters().size();
        var table = new Table(width);
        if (phrase.means() instanceof Formula.Atom atom && isTurned(atom, width) && of(atom) != null) {
            return turned(atom, table);
        }
        var solver = new Solver(this, phrase.variables().size());
        List<Formula.Atom> order = phrase.means().atoms();
        int[] parameters = IntStream.range(0, width).toArray();
        solver.solve(List.of(phrase.means()), solver.free(), parameters, (env, evidence) -> {
            table.add(Evidence.last(evidence, order), Arrays.copyOf(env, width));
            return true;
        });
        return table.close();
    }

    /** Whether these are a phrase's own parameters in another order, and nothing else. */
    private static boolean isTurned(Formula.Atom atom, int width) {
        return atom.terms().size() == width
                && atom.terms()
                        .stream()
                        .mapToInt(Formula.Term::variable)
                        .distinct()
                        .filter(variable -> variable < width)
                        .count() == width;
    }

    /** The same rows with their columns in another order need no search. */
    private Table turned(Formula.Atom atom, Table table) {
        Table of = of(atom);
        for (int row = 0; row < of.size(); row++) {
            int[] cells = new int[table.width()];
            for (int column = 0; column < cells.length; column++) {
                cells[atom.terms().get(column).variable()] = of.cell(row, column);
            }
            table.add(of.place(row), cells);
        }
        return table.close();
    }
}
