package buoys;

import java.util.HashMap;
import java.util.Map;

public class BuoyStore {
    private final Map<String, Buoy> buoys = new HashMap<>();

    public Buoy buoy(String colour, int depth) {
        return buoys.computeIfAbsent(colour, key -> new Buoy(key, depth));
    }
}
