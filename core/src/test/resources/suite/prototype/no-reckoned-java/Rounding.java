final class Rounding {
    static final Rounding UP = new Rounding(5);
    static final Rounding NONE = new Rounding(1);
    private final int step;
    private Rounding(int step) { this.step = step; }
    long round(long cents) { return cents / step * step; }
}
