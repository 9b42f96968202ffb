interface Step { void run(Sack s); }
class Sack { int kilos; boolean sealed; }
abstract class Base implements Step {
    private final Step next;
    Base(Step next) { this.next = next; }
    public void run(Sack s) {
        if (!takes(s) && next != null) next.run(s);
    }
    abstract boolean takes(Sack s);
}
class Weigh extends Base { Weigh(Step n) { super(n); } boolean takes(Sack s) { s.kilos++; return s.kilos > 40; } }
class Seal extends Base { Seal(Step n) { super(n); } boolean takes(Sack s) { s.sealed = true; return true; } }
class Mill { void load() { new Weigh(new Seal(null)).run(new Sack()); } }
