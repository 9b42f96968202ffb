class Bale extends Load {
    private final boolean tight;
    static class Builder extends Load.Builder<Builder> {
        private boolean tight;
        Builder tight() { tight = true; return this; }
        @Override Bale build() { return new Bale(this); }
        @Override protected Builder self() { return this; }
    }
    private Bale(Builder builder) { super(builder); tight = builder.tight; }
}
