package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.molde.Formula;
import java.util.BitSet;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;

/**
 * What tests said: asked again of the same elements, one has the same answer. Where something open may be filled with
 * some elements only, the answer holds for these, and is not kept.
 */
final class Answers {
    private final Filling filling;
    private final Map<Formula, Known> known = new IdentityHashMap<>();

    Answers(Filling filling) {
        this.filling = filling;
    }

    /** What was asked of one condition, and at the number of each what was answered. */
    private record Known(Tuples asked, BitSet yes) {}

    /** The answer of a test that depends on what the condition's variables are filled with, and on nothing else. */
    boolean of(Node node, int[] env, BooleanSupplier test) {
        int[] filled = new int[node.variables().length];
        for (int i = 0; i < filled.length; i++) {
            filled[i] = env[node.variables()[i]];
            if (filled[i] == Filling.OPEN && filling.isRestricted(node.variables()[i])) {
                return test.getAsBoolean();
            }
        }
        Known ofNode = known.computeIfAbsent(node.formula(),
                formula -> new Known(new Tuples(filled.length), new BitSet()));
        int number = ofNode.asked.find(filled);
        if (number >= 0) {
            return ofNode.yes.get(number);
        }
        boolean answer = test.getAsBoolean(); // may be given up, and is unknown then
        if (ofNode.asked.add(filled)) {
            ofNode.yes.set(ofNode.asked.size() - 1, answer);
        }
        return answer;
    }

    void forget() {
        known.clear();
    }
}
