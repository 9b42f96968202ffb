interface Gate { void open(String who); }
class HarbourGate implements Gate { private int opened; public void open(String who) { opened++; } }
class GuardedGate implements Gate {
    private final Gate gate;
    GuardedGate(Gate gate) { this.gate = gate; }
    public void open(String who) {
        if (!who.equals("pilot")) throw new SecurityException(who);
        gate.open(who);
    }
}
class Port { Gate gate() { return new GuardedGate(new HarbourGate()); } }
class Car { void drive(Gate g) { g.open("car"); } }
