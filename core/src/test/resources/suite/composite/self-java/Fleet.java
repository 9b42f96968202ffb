import java.util.*;
public class Fleet implements Vessel, Iterable<Vessel> {
    private final List<Vessel> vessels = new ArrayList<>();
    public Fleet add(Vessel v) { vessels.add(v); return this; }
    @Override public Iterator<Vessel> iterator() { return vessels.iterator(); }
    @Override public double load() {
        double sum = 0;
        for (Vessel v : this) sum += v.load();
        return sum;
    }
}
