package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.molde.Formula;
import java.nio.IntBuffer;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;

/** What tests said: asked again of the same elements, one has the same answer. */
final class Answers {
    private final Map<Formula, Map<IntBuffer, Boolean>> known = new IdentityHashMap<>();

    /** The answer of a test that depends on what the condition's variables are filled with, and on nothing else. */
    boolean of(Node node, int[] env, BooleanSupplier test) {
        int[] filled = new int[node.variables().length];
        for (int i = 0; i < filled.length; i++) {
            filled[i] = env[node.variables()[i]];
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
