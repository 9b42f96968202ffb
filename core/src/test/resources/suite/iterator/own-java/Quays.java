import java.util.*;
interface Tour { boolean more(); String next(); }
class Quays {
    private final List<String> names = new ArrayList<>();
    void add(String n) { names.add(n); }
    int count() { return names.size(); }
    String at(int i) { return names.get(i); }
    Tour tour() { return new NorthTour(this); }
}
class NorthTour implements Tour {
    private final Quays quays; private int at;
    NorthTour(Quays q) { quays = q; }
    public boolean more() { return at < quays.count(); }
    public String next() { return quays.at(at++); }
}
class Guide { void walk(Quays q) { Tour t = q.tour(); while (t.more()) System.out.println(t.next()); } }
