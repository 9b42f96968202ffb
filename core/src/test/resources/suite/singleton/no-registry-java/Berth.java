import java.util.*;
class Berth {
    private static final Map<Integer, Berth> ALL = new HashMap<>();
    private int ships;
    private Berth() { }
    static Berth at(int n) { return ALL.computeIfAbsent(n, k -> new Berth()); }
    void moor() { ships++; }
}
class Tug { void bring() { Berth.at(3).moor(); } }
