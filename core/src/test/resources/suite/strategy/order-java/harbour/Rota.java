package harbour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

public class Rota {
    private final List<String> names = new ArrayList<>();
    private final Comparator<String> order;

    public Rota(Comparator<String> order) {
        this.order = order;
    }

    public void enter(String name) {
        names.add(name);
    }

    public List<String> watches() {
        List<String> sorted = new ArrayList<>(names);
        sorted.sort(order);
        return sorted;
    }
}
