package aldera;
import java.util.*;
interface Alarm { void alarm(int level); }
class Siren implements Alarm { public void alarm(int level) { System.out.println("!" + level); } }
class Board implements Alarm { public void alarm(int level) { System.out.println(level); } }
class Entry {
    private final int limit; private final Alarm alarm;
    Entry(int limit, Alarm alarm) { this.limit = limit; this.alarm = alarm; }
    int getLimit() { return limit; }
    Alarm getAlarm() { return alarm; }
}
class Gauge {
    private final List<Entry> entries = new ArrayList<>();
    private int level;
    void join(int limit, Alarm alarm) { Entry e = new Entry(limit, alarm); entries.add(e); }
    void rise(int by) { level += by; entries.stream().filter(e -> level > e.getLimit()).forEach(e -> e.getAlarm().alarm(level)); }
}
class Pier { void build() { Gauge g = new Gauge(); g.join(3, new Siren()); g.join(5, new Board()); g.rise(4); } }
