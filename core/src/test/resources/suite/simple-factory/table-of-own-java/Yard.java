import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

interface Boat {
    String launch();
}

class Tug implements Boat {
    public String launch() {
        return "tug";
    }
}

class Ferry implements Boat {
    public String launch() {
        return "ferry";
    }
}

class Yard {
    private final Map<String, Supplier<Boat>> makers = new HashMap<>();

    Yard() {
        makers.put("tug", this::tug);
        makers.put("ferry", this::ferry);
    }

    Boat make(String kind) {
        Supplier<Boat> maker = makers.get(kind);
        if (maker == null) {
            throw new IllegalArgumentException(kind);
        }
        return maker.get();
    }

    private Boat tug() {
        return new Tug();
    }

    private Boat ferry() {
        return new Ferry();
    }
}
