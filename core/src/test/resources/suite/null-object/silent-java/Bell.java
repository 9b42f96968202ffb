interface Bell { void ring(); int weight(); }
class BrassBell implements Bell { private int rung; public void ring() { rung++; } public int weight() { return 40; } }
class NoBell implements Bell { public void ring() { } public int weight() { return 0; } }
class Ship {
    private final Bell bell;
    Ship(Bell bell) { this.bell = bell; }
    static Ship without() { return new Ship(new NoBell()); }
    static Ship with() { return new Ship(new BrassBell()); }
    void warn() { bell.ring(); }
}
