package notices;

public final class StormNotice extends Notice {
    private final int force;

    private StormNotice(StormWriter writer) {
        super(writer);
        this.force = writer.force;
    }

    public int force() {
        return force;
    }

    public static final class StormWriter extends Writer<StormWriter> {
        private int force;

        public StormWriter force(int beaufort) {
            this.force = beaufort;
            return this;
        }

        @Override
        protected StormWriter self() {
            return this;
        }

        @Override
        public StormNotice finish() {
            if (force < 8) {
                throw new IllegalStateException("no storm below force 8");
            }
            return new StormNotice(this);
        }
    }
}
