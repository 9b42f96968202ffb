package dev.huella.core.match;

import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PhraseDefinition;
import dev.huella.core.source.SourceSpan;
import java.util.Arrays;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** The tables of one model, each made when first needed: from a clause's own rows, or from what a phrase means. */
final class Tables {
    private final Model model;
    private final Map<Object, Table> made = new IdentityHashMap<>();
    private final Set<PhraseDefinition> inWork = new HashSet<>();

    Tables(Model model) {
        this.model = model;
    }

    Model model() {
        return model;
    }

    /** Null for clauses that can only be tested. */
    Table of(Formula.Atom atom) {
        if (atom.clause() instanceof Clause.Tested) {
            return null;
        }
        Object key = atom.phrase() == null ? atom.clause() : atom.phrase();
        Table table = made.get(key);
        if (table == null) {
            table = atom.phrase() == null ? rows((Clause.Listed) atom.clause()) : rows(atom.phrase());
            made.put(key, table);
        }
        return table;
    }

    private Table rows(Clause.Listed clause) {
        int width = (int) clause.syntax().chars().filter(letter -> letter == '{').count();
        var table = new Table(width);
        clause.rows(model, table::add);
        return table.close();
    }

    /** A phrase's rows are the solutions of what it means. A phrase that means itself holds for nothing more. */
    private Table rows(PhraseDefinition phrase) {
        int width = phrase.parameters().size();
        var table = new Table(width);
        if (!inWork.add(phrase)) {
            return table;
        }
        var solver = new Solver(this, phrase.variables().size());
        int[] parameters = IntStream.range(0, width).toArray();
        solver.solve(List.of(phrase.means()), solver.free(), parameters, (env, evidence) -> {
            List<SourceSpan> places = Evidence.lastFirst(evidence, phrase.means());
            table.add(places.isEmpty() ? null : places.getFirst(), Arrays.copyOf(env, width));
            return true;
        });
        inWork.remove(phrase);
        return table.close();
    }
}
