package dev.huella.core.match;

import java.util.function.BooleanSupplier;

/** Counts the rows that a search looks at, and ends it when there are too many. */
final class Steps {
    private static final long NEVER = Long.MAX_VALUE;
    private long made;
    private long most = NEVER;
    /** So many may be made before {@link Impatient} is thrown. */
    private long patient = NEVER;

    /** Thrown when a search goes on too long. */
    static final class Runaway extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** Thrown when something should have been decided by now. */
    static final class Impatient extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private static final Impatient NOW = new Impatient();

        private Impatient() {
            super(null, null, false, false);
        }
    }

    /** Counts anew, to this number. */
    void atMost(long rows) {
        most = rows;
        made = 0;
    }

    /** What the search answers, and what the other way of searching answers when it was not done after so many rows. */
    boolean within(long rows, BooleanSupplier search, BooleanSupplier otherwise) {
        long before = patient;
        patient = made + rows;
        try {
            return search.getAsBoolean();
        } catch (Impatient _) {
            patient = before;
            return otherwise.getAsBoolean();
        } finally {
            patient = before;
        }
    }

    /** The rows looked at here are not counted by the search around it. */
    boolean aside(BooleanSupplier work) {
        long before = patient;
        long begun = made;
        patient = NEVER;
        try {
            return work.getAsBoolean();
        } finally {
            patient = before == NEVER ? NEVER : before + made - begun;
        }
    }

    void next() {
        if (++made > most) {
            throw new Runaway();
        }
        if (made > patient) {
            throw Impatient.NOW;
        }
    }
}
