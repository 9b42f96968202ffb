package notices;

public final class ClosureNotice extends Notice {
    private final String quay;

    private ClosureNotice(ClosureWriter writer) {
        super(writer);
        this.quay = writer.quay;
    }

    public String quay() {
        return quay;
    }

    public static final class ClosureWriter extends Writer<ClosureWriter> {
        private String quay = "all";

        public ClosureWriter quay(String name) {
            this.quay = name;
            return this;
        }

        @Override
        protected ClosureWriter self() {
            return this;
        }

        @Override
        public ClosureNotice finish() {
            return new ClosureNotice(this);
        }
    }
}
