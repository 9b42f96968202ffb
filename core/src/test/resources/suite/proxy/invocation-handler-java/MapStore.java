package store;

import java.util.HashMap;
import java.util.Map;

public class MapStore implements Store {
    private final Map<String, String> values = new HashMap<>();

    @Override
    public void put(String key, String value) {
        values.put(key, value);
    }

    @Override
    public String get(String key) {
        return values.get(key);
    }
}
