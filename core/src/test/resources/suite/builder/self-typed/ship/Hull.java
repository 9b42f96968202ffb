package ship;

public abstract class Hull {
    private final int length;
    private final String colour;

    protected Hull(Builder<?> builder) {
        length = builder.length;
        colour = builder.colour;
    }

    public int length() {
        return length;
    }

    public abstract static class Builder<B extends Builder<B>> {
        private int length;
        private String colour = "black";

        public B length(int length) {
            this.length = length;
            return self();
        }

        public B colour(String colour) {
            this.colour = colour;
            return self();
        }

        protected abstract B self();

        public abstract Hull build();
    }
}
