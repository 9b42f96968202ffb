final class Level {
    private final int depth;
    private final Level outer;
    Level(int depth, Level outer) { this.depth = depth; this.outer = outer; }
    Level deeper() { return new Level(depth + 1, this); }
    Level again() { return new Level(depth, this); }
    int depth() { return depth; }
}
