package harbour;

import java.util.Map;
import java.util.function.Supplier;

interface Fender {
    int softness();
}

record TyreFender() implements Fender {
    @Override
    public int softness() {
        return 3;
    }
}

record FoamFender() implements Fender {
    @Override
    public int softness() {
        return 9;
    }
}

class FenderShed {
    private static final Map<String, Supplier<Fender>> RACK = Map.of(
            "tyre", TyreFender::new,
            "foam", FoamFender::new);

    Fender take(String label) {
        Supplier<Fender> supplier = RACK.get(label);
        if (supplier == null) {
            throw new IllegalArgumentException("no such fender: " + label);
        }
        return supplier.get();
    }
}

class Deckhand {
    private final FenderShed shed = new FenderShed();

    int hang(String label) {
        return shed.take(label).softness();
    }
}
