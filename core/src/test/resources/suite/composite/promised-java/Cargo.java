import java.util.*;
interface Cargo { int weight(); }
record Crate(int weight) implements Cargo {}
abstract class Bundle implements Cargo {
    protected abstract List<Cargo> parts();
    public void add(Cargo part) { parts().add(part); }
    public int weight() { int sum = 0; for (Cargo part : parts()) sum += part.weight(); return sum; }
}
class Pallet extends Bundle { private final List<Cargo> parts = new ArrayList<>(); protected List<Cargo> parts() { return parts; } }
class Container extends Bundle { private final List<Cargo> inside = new ArrayList<>(); protected List<Cargo> parts() { return inside; } }
