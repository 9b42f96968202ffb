interface Clock { int minute(); }
class WallClock implements Clock { private int m; public int minute() { return m++; } }
class Till {
    private final Clock clock; private int sold;
    Till(Clock c) { clock = c; }
    int sell() { sold++; return clock.minute(); }
}
class Shop { int day() { return new Till(new WallClock()).sell(); } }
