import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

public class Harbour implements Iterable<Vessel> {
    private final List<Vessel> vessels = new ArrayList<>();
    public void add(Vessel vessel) { vessels.add(vessel); }
    @Override public Iterator<Vessel> iterator() { return vessels.iterator(); }
}
