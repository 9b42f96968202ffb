abstract class Watch {
    private int hours;
    public final void stand() { begin(); hours++; look(); }
    protected abstract void begin();
    protected abstract void look();
}
class NightWatch extends Watch { private int lamps; protected void begin() { lamps++; } protected void look() { lamps--; } }
class DayWatch extends Watch { private int seen; protected void begin() { seen = 0; } protected void look() { seen++; } }
class Mate { void day(Watch w) { w.stand(); } }
