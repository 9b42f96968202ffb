package aldera.fare;

import java.util.Objects;

public final class Fare {
    private final String zone;
    private final int cents;
    private final boolean returnTrip;
    private final String currency;

    private Fare(Draft draft) {
        this.zone = draft.zone;
        this.cents = draft.cents;
        this.returnTrip = draft.returnTrip;
        this.currency = draft.currency;
    }

    public static Draft in(String zone) {
        return new Draft(zone);
    }

    public int cents() {
        return returnTrip ? cents * 2 : cents;
    }

    @Override
    public String toString() {
        return zone + " " + cents() + currency;
    }

    public static final class Draft {
        private final String zone;
        private int cents = 250;
        private boolean returnTrip;
        private String currency = "c";

        private Draft(String zone) {
            this.zone = Objects.requireNonNull(zone);
        }

        public Draft costing(int amount) {
            this.cents = amount;
            return this;
        }

        public Draft thereAndBack() {
            this.returnTrip = true;
            return this;
        }

        public Draft payableIn(String code) {
            this.currency = code;
            return this;
        }

        public Fare issue() {
            if (cents <= 0) {
                throw new IllegalStateException("a fare costs something");
            }
            return new Fare(this);
        }
    }
}
