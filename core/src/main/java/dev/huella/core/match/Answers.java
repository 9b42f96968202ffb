package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.molde.Formula;
import java.nio.IntBuffer;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;

/**
 * What tests said: asked again of the same elements, one has the same answer. Where something open may be filled with
 * some elements only, the answer holds for these, and is not kept.
 */
final class Answers {
    private final Filling filling;
    private final Map<Formula, Map<IntBuffer, Boolean>> known = new IdentityHashMap<>();

    Answers(Filling filling) {
        this.filling = filling;
    }

    /** The answer of a test that depends on what the condition's variables are filled with, and on nothing else. */
    boolean of(Node node, int[] env, BooleanSupplier test) {
        int[] filled = new int[node.variables().length];
        for (int i = 0; i < filled.length; i++) {
            filled[i] = env[node.variables()[i]];
            if (filled[i] == Filling.OPEN && filling.isRestricted(node.variables()[i])) {
                return test.getAsBoolean();
            }
        }
        Map<IntBuffer, Boolean> ofNode = known.computeIfAbsent(node.formula(), formula -> new HashMap<>());
        IntBuffer key = IntBuffer.wrap(filled);
        Boolean answer = ofNode.get(key);
        if (answer == null) {
            answer = test.getAsBoolean();
            ofNode.put(key, answer);
        }
        return answer;
    }

    void forget() {
        known.clear();
    }
}
