interface Pump { int stroke(); void stop(); }
class HandPump implements Pump {
    public int stroke() { return 2; }
    public void stop() { System.out.println("stop"); }
    Pump louder() { return new LoudPump(this); }
}
class LoudPump implements Pump {
    private final Pump pump;
    LoudPump(Pump pump) { this.pump = pump; }
    public int stroke() { System.out.println("stroke"); return pump.stroke(); }
    public void stop() { throw new UnsupportedOperationException(); }
}
class Bilge { int dry(Pump p) { return p.stroke(); } }
