package rail;

public final class Ticket {
    private final String from;
    private final String to;
    private final boolean returning;

    private Ticket(String from, String to, boolean returning) {
        this.from = from;
        this.to = to;
        this.returning = returning;
    }

    public static From ticket() {
        return new Steps();
    }

    public interface From {
        To from(String station);
    }

    public interface To {
        Last to(String station);
    }

    public interface Last {
        Last andBack();

        Ticket issue();
    }

    private static final class Steps implements From, To, Last {
        private String from;
        private String to;
        private boolean returning;

        @Override
        public To from(String station) {
            from = station;
            return this;
        }

        @Override
        public Last to(String station) {
            to = station;
            return this;
        }

        @Override
        public Last andBack() {
            returning = true;
            return this;
        }

        @Override
        public Ticket issue() {
            return new Ticket(from, to, returning);
        }
    }

    @Override
    public String toString() {
        return from + (returning ? " <> " : " > ") + to;
    }
}
