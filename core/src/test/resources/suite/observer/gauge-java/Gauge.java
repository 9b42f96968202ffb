import java.util.*;
interface Listener { void changed(int level); }
class Siren implements Listener { private int n; public void changed(int l) { if (l > 9) n++; } }
class Log implements Listener { private final List<Integer> all = new ArrayList<>(); public void changed(int l) { all.add(l); } }
class Gauge {
    private final List<Listener> listeners = new ArrayList<>(); private int level;
    void add(Listener l) { listeners.add(l); }
    void remove(Listener l) { listeners.remove(l); }
    void set(int l) { level = l; for (Listener each : listeners) each.changed(l); }
}
class Port { void wire(Gauge g) { g.add(new Siren()); g.add(new Log()); } }
