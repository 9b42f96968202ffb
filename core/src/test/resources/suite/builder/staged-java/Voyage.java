final class Voyage {
    private final String from;
    private final String to;
    private final int crew;

    private Voyage(String from, String to, int crew) {
        this.from = from;
        this.to = to;
        this.crew = crew;
    }

    static FromStep plan() {
        return new Plan();
    }

    interface FromStep {
        ToStep from(String port);
    }

    interface ToStep {
        LastStep to(String port);
    }

    interface LastStep {
        LastStep crew(int people);

        Voyage done();
    }

    private static final class Plan implements FromStep, ToStep, LastStep {
        private String from;
        private String to;
        private int crew = 3;

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
        public LastStep crew(int people) {
            this.crew = people;
            return this;
        }

        @Override
        public Voyage done() {
            return new Voyage(from, to, crew);
        }
    }
}

class Office {
    Voyage monday() {
        return Voyage.plan().from("Aldera").to("Senda").crew(5).done();
    }
}
