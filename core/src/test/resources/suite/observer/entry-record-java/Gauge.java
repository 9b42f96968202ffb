package aldera;
import java.util.*;
interface Alarm { void alarm(int level); }
class Siren implements Alarm { public void alarm(int level) { System.out.println("!" + level); } }
class Board implements Alarm { public void alarm(int level) { System.out.println(level); } }
class Gauge {
    private record Entry(int limit, Alarm alarm) { }
    private final List<Entry> entries = new ArrayList<>();
    private int level;
    void join(int limit, Alarm alarm) { entries.add(new Entry(limit, alarm)); }
    void leave(Alarm alarm) { entries.removeIf(e -> e.alarm() == alarm); }
    void rise(int by) {
        level += by;
        for (Entry e : entries) { if (level > e.limit()) e.alarm().alarm(level); }
    }
}
class Pier { void build() { Gauge g = new Gauge(); g.join(3, new Siren()); g.join(5, new Board()); g.rise(4); } }
