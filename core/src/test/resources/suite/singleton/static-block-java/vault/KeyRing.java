package vault;

import java.util.ArrayList;
import java.util.List;

public final class KeyRing {
    private static final KeyRing RING;

    static {
        RING = new KeyRing();
        RING.hang("gate");
    }

    private final List<String> keys = new ArrayList<>();

    private KeyRing() {
    }

    public static KeyRing get() {
        return RING;
    }

    public void hang(String key) {
        keys.add(key);
    }

    public boolean has(String key) {
        return keys.contains(key);
    }
}
