import java.util.*;
interface Stowage { int weight(); }
class Bale implements Stowage { public int weight() { return 80; } }
class Barrel implements Stowage { private int litres; public int weight() { return litres; } void fill(int l) { litres = l; } }
class Hold implements Stowage {
    private final List<Stowage> parts = new ArrayList<>();
    void stow(Stowage s) { parts.add(s); }
    public int weight() { int sum = 0; for (Stowage s : parts) sum += s.weight(); return sum; }
}
class Tally { int total(Stowage s) { return s.weight(); } }
