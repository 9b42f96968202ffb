package harbour;

public final class Voyage {
    private final String from;
    private final String to;
    private final int pilots;

    private Voyage(Steps steps) {
        this.from = steps.from;
        this.to = steps.to;
        this.pilots = steps.pilots;
    }

    public interface FromStep {
        ToStep from(String port);
    }

    public interface ToStep {
        LastStep to(String port);
    }

    public interface LastStep {
        LastStep pilots(int number);

        Voyage build();
    }

    public static FromStep plan() {
        return new Steps();
    }

    private static final class Steps implements FromStep, ToStep, LastStep {
        private String from;
        private String to;
        private int pilots;

        @Override
        public ToStep from(String port) {
            this.from = port;
            return this;
        }

        @Override
        public LastStep to(String port) {
            this.to = port;
            return this;
        }

        @Override
        public LastStep pilots(int number) {
            this.pilots = number;
            return this;
        }

        @Override
        public Voyage build() {
            if (from.equals(to)) {
                throw new IllegalStateException("nowhere to go");
            }
            return new Voyage(this);
        }
    }

    public String text() {
        return from + " to " + to + " with " + pilots;
    }
}
