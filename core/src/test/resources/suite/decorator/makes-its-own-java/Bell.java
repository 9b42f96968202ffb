interface Bell { void ring(); void mute(); }
class ShipBell implements Bell {
    private boolean muted;
    public void ring() { System.out.println(muted); }
    public void mute() { muted = true; }
}
class DoubleBell implements Bell {
    private final ShipBell bell = new ShipBell();
    public void ring() { bell.ring(); bell.ring(); }
    public void mute() { bell.mute(); }
}
class Watch { void noon(Bell b) { b.ring(); } void set() { noon(new DoubleBell()); } }
