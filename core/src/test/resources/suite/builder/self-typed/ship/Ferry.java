package ship;

public class Ferry extends Hull {
    private final int seats;

    private Ferry(Builder builder) {
        super(builder);
        seats = builder.seats;
    }

    public int seats() {
        return seats;
    }

    public static class Builder extends Hull.Builder<Builder> {
        private int seats;

        public Builder seats(int seats) {
            this.seats = seats;
            return this;
        }

        @Override
        protected Builder self() {
            return this;
        }

        @Override
        public Ferry build() {
            return new Ferry(this);
        }
    }
}
