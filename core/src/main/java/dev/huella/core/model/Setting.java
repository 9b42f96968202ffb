package dev.huella.core.model;

import java.util.List;

/**
 * What stands around a deed: loops, branches, functions written in place, from the inside out.
 *
 * @param outer the next one further out, or null
 * @param about what is gone through, branched on, or locked; empty when nothing is known of it
 * @param branch which branch of a choice, counted from 0
 * @param choice number of the choice inside its operation, so that branches of one can be told from another's
 */
public record Setting(Setting outer, Kind kind, List<Flow> about, int choice, int branch) {
    public Setting {
        about = List.copyOf(about);
    }

    /** What kind of place it is. */
    public enum Kind {
        /** A loop over the elements of something. */
        EACH,
        /** A loop that goes on while a condition holds. */
        WHILE,
        /** A branch taken on a condition or case. */
        BRANCH,
        /** The branch for everything else. */
        REST,
        /** A branch whose condition only asks whether something is there. */
        PRESENCE,
        /** A branch whose condition only asks whether something is missing. */
        ABSENCE,
        /** A function written in place. */
        FUNCTION, ON_ERROR, LOCK
    }

    /** How many functions written in place stand around. */
    public static int functions(Setting setting) {
        int functions = 0;
        for (Setting at = setting; at != null; at = at.outer) {
            functions += at.kind == Kind.FUNCTION ? 1 : 0;
        }
        return functions;
    }

    /** True when this or something further out is of the kind. */
    public static boolean inside(Setting setting, Kind kind) {
        for (Setting at = setting; at != null; at = at.outer) {
            if (at.kind == kind) {
                return true;
            }
        }
        return false;
    }
}
