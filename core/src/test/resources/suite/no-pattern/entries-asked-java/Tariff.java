package aldera;
import java.util.*;
interface Rate { double of(int tons); }
class Flat implements Rate { public double of(int tons) { return 3; } }
class PerTon implements Rate { public double of(int tons) { return tons * 2; } }
record Line(String name, Rate rate) { }
class Bill {
    private final List<Line> lines = new ArrayList<>();
    private double sum;
    void add(String name, Rate rate) { lines.add(new Line(name, rate)); }
    void total(int tons) { for (Line l : lines) sum += l.rate().of(tons); }
}
class Office { void run() { Bill b = new Bill(); b.add("a", new Flat()); b.add("b", new PerTon()); b.total(3); } }
