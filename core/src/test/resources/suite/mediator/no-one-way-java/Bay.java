import java.util.*;
interface Watcher { void tide(int metres); }
class Fisher implements Watcher { private int n; public void tide(int m) { n = m; } }
class Ferry implements Watcher { private int last; public void tide(int m) { last = m; } }
class Bay {
    private final List<Watcher> watchers = new ArrayList<>(); private int metres;
    void add(Watcher w) { watchers.add(w); }
    void rise(int m) { metres = m; for (Watcher w : watchers) w.tide(m); }
}
class Port { void open(Bay b) { b.add(new Fisher()); b.add(new Ferry()); } }
