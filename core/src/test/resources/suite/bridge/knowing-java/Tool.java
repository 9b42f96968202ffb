interface Power { int give(int n); }
class Steam implements Power { public int give(int n) { return n * 2; } }
class Hand implements Power { private Drill last; void hold(Drill d) { last = d; } public int give(int n) { return n; } }
abstract class Tool {
    private final Power power;
    Tool(Power power) { this.power = power; }
    int work(int n) { return power.give(n); }
}
class Drill extends Tool { Drill(Power p) { super(p); } int bore() { return work(3); } }
class Smith { int shift() { return new Drill(new Steam()).bore() + new Drill(new Hand()).bore(); } }
