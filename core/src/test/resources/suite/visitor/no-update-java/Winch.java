import java.util.*;
interface Gauge { void moved(Winch w); }
class Dial implements Gauge { private int shown; public void moved(Winch w) { shown = w.metres(); } }
class Alarm implements Gauge { private int n; public void moved(Winch w) { if (w.metres() > 90) n++; } }
class Winch {
    private final List<Gauge> gauges = new ArrayList<>(); private int metres;
    void add(Gauge g) { gauges.add(g); }
    int metres() { return metres; }
    void haul(int m) { metres += m; for (Gauge g : gauges) g.moved(this); }
}
class Deck { void rig(Winch w) { w.add(new Dial()); w.add(new Alarm()); } }
