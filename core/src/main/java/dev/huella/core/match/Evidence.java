package dev.huella.core.match;

import dev.huella.core.molde.Formula;
import dev.huella.core.source.SourceSpan;
import java.util.Comparator;
import java.util.List;

/** One row that made an atom hold. {@code place} is null where no single place shows it. */
record Evidence(Formula.Atom atom, SourceSpan place) {

    /** Places in the reverse order of the text: what a condition comes down to stands at its end. */
    static List<SourceSpan> lastFirst(List<Evidence> evidence, Formula condition) {
        List<Formula.Atom> order = condition.atoms();
        return evidence.stream()
                .filter(one -> one.place != null)
                .sorted(Comparator.comparing((Evidence one) -> -order.indexOf(one.atom)))
                .map(Evidence::place)
                .distinct()
                .toList();
    }

    /** The place of the row for the last of these atoms that has one; null when none has. */
    static SourceSpan last(List<Evidence> evidence, List<Formula.Atom> order) {
        SourceSpan place = null;
        int last = -1;
        for (Evidence one : evidence) {
            int at = one.place == null ? -1 : position(order, one.atom);
            if (at > last) {
                last = at;
                place = one.place;
            }
        }
        return place;
    }

    /** What was noted on a way that led nowhere is taken off again. */
    static void takeBack(List<Evidence> noted, int to) {
        while (noted.size() > to) {
            noted.removeLast();
        }
    }

    private static int position(List<Formula.Atom> order, Formula.Atom atom) {
        for (int i = 0; i < order.size(); i++) {
            if (order.get(i) == atom) {
                return i;
            }
        }
        return -1;
    }
}
