package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import java.util.HashSet;
import java.util.Set;

/**
 * Which of the variables filled so far the last failure rests on. Filling others anew would fail again, so a search goes
 * back to one of these at once (known from constraint satisfaction as conflict-directed backjumping).
 */
final class Blame {
    /** Variables from here on share one bit, and are taken for filled in doubt. */
    private static final int SHARED = 63;
    private static final long SHARED_BIT = 1L << SHARED;
    private static final long ALL = -1;
    private long on;

    private static long bit(int variable) {
        return 1L << Math.min(variable, SHARED);
    }

    private static long bits(int[] variables) {
        long bits = 0;
        for (int variable : variables) {
            bits |= bit(variable);
        }
        return bits;
    }

    private static long bits(Node node, int[] env, boolean filled) {
        long bits = 0;
        for (int variable : node.variables()) {
            bits |= filled == env[variable] >= 0 ? bit(variable) : 0;
        }
        return bits;
    }

    /** Whatever is filled otherwise may lead on. */
    void onAll() {
        on = ALL;
    }

    /** Only what one of these is filled with can lead on. */
    void on(int[] variables) {
        on = bits(variables);
    }

    /** Notes why a condition does not hold that fills nothing; says again whether it does. */
    boolean unless(boolean holds, Node node, int[] env) {
        if (!holds) {
            on = bits(node, env, true);
        }
        return holds;
    }

    /** What all of several ways rest on that were tried one after the other. */
    final class Ways {
        private long together;

        void failed() {
            together |= on;
        }

        void end() {
            on = together;
        }
    }

    Ways ways() {
        return new Ways();
    }

    /** The rows of a condition that are tried one after the other. */
    final class Rows {
        private final long fresh;
        private long together;
        /** Variable and element that failed whatever stood beside it in a row; null while there is none. */
        private Set<Long> dead;

        private Rows(Node node, int[] env) {
            fresh = bits(node, env, false);
            together = bits(node, env, true);
        }

        /** True for a row that has what failed already. */
        boolean isDead(int[] env) {
            if (dead != null) {
                for (long left = fresh; left != 0; left &= left - 1) {
                    if (dead.contains(key(Long.numberOfTrailingZeros(left), env))) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** Takes in why this row failed; false when it is for reasons that hold for every row. */
        boolean failed(int[] env) {
            long own = on & fresh;
            if (own == 0) {
                return false;
            }
            if (own != fresh && Long.bitCount(own) == 1 && own != SHARED_BIT) {
                dead = dead == null ? new HashSet<>() : dead;
                dead.add(key(Long.numberOfTrailingZeros(own), env));
            }
            together |= on & ~(fresh & ~SHARED_BIT);
            return true;
        }

        /** All rows were tried. */
        void end() {
            on = together;
        }

        private static long key(int variable, int[] env) {
            return (long) variable << Integer.SIZE | env[variable];
        }
    }

    Rows rows(Node node, int[] env) {
        return new Rows(node, env);
    }
}
