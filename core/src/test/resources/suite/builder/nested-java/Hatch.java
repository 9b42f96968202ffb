public class Hatch {
    private final int width; private final int depth;
    Hatch(int width, int depth) { this.width = width; this.depth = depth; }
    private Hatch(Builder from) { width = from.width; depth = from.depth; }
    public int area() { return width * depth; }
    public static class Builder {
        private int width; private int depth;
        public Builder wide(int w) { width = w; return this; }
        public Builder deep(int d) { depth = d; return this; }
        public Builder painted(String colour) { return this; }
        public Hatch build() { return new Hatch(this); }
    }
}
class Carpenter {
    int fit() { return new Hatch.Builder().wide(2).deep(3).build().area(); }
    int spare() { return new Hatch(1, 1).area(); }
}
