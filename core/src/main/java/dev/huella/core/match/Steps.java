package dev.huella.core.match;

/** Counts the rows that a search looks at, and ends it when there are too many. */
final class Steps {
    private long made;
    private long most = Long.MAX_VALUE;
    private long patience = Long.MAX_VALUE;

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

    /** So many more are looked at before {@link Impatient} is thrown. */
    void patience(long rows) {
        patience = rows;
    }

    void next() {
        if (++made > most) {
            throw new Runaway();
        }
        if (--patience < 0) {
            throw Impatient.NOW;
        }
    }
}
