package dev.huella.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Takes conditions apart into those that share something open, so that one part's choices are not tried for another. */
final class Parts {
    private Parts() {}

    static <N> List<List<N>> of(List<N> nodes, int[] env, Function<N, int[]> variables) {
        List<List<N>> parts = new ArrayList<>();
        List<boolean[]> open = new ArrayList<>();
        for (N node : nodes) {
            boolean[] own = new boolean[env.length];
            for (int variable : variables.apply(node)) {
                own[variable] = env[variable] < 0;
            }
            List<N> joined = new ArrayList<>();
            for (int i = parts.size() - 1; i >= 0; i--) {
                if (meet(open.get(i), own)) {
                    joined.addAll(0, parts.remove(i));
                    add(open.remove(i), own);
                }
            }
            joined.add(node);
            parts.add(joined);
            open.add(own);
        }
        return parts;
    }

    private static boolean meet(boolean[] one, boolean[] other) {
        for (int i = 0; i < one.length; i++) {
            if (one[i] && other[i]) {
                return true;
            }
        }
        return false;
    }

    private static void add(boolean[] from, boolean[] into) {
        for (int i = 0; i < from.length; i++) {
            into[i] |= from[i];
        }
    }
}
