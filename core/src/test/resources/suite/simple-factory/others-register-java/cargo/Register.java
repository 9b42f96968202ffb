package cargo;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

public class Register {
    private final Map<String, Supplier<Cargo>> makers = new HashMap<>();

    public void enter(String kind, Supplier<Cargo> maker) {
        makers.put(kind, maker);
    }

    public Cargo make(String kind) {
        Supplier<Cargo> maker = makers.get(kind);
        if (maker == null) {
            throw new IllegalArgumentException("no cargo of kind " + kind);
        }
        return maker.get();
    }
}
