package aldera.berths;

import java.util.HashMap;
import java.util.Map;

public enum Berths {
    INSTANCE;

    private final Map<Integer, String> taken = new HashMap<>();

    public void take(int berth, String ship) {
        taken.put(berth, ship);
    }

    public boolean free(int berth) {
        return !taken.containsKey(berth);
    }
}
