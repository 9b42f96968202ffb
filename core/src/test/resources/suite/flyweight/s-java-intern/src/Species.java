package forest;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

public final class Species {
    private static final Map<String, Species> ALL = new ConcurrentHashMap<>();

    private final String name;
    private final byte[] picture;

    private Species(String name) {
        this.name = name;
        this.picture = name.getBytes();
    }

    public static Species of(String name) {
        return ALL.computeIfAbsent(name, Species::new);
    }

    public String name() {
        return name;
    }

    int size() {
        return picture.length;
    }
}
