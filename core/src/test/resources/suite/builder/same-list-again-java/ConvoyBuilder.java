package aldera;

import java.util.ArrayList;
import java.util.List;

public class ConvoyBuilder {
    private final List<String> ships = new ArrayList<>();
    private String name;
    private String escort = "none";
    private Convoy built;

    public ConvoyBuilder named(String name) {
        this.name = name;
        return this;
    }

    public ConvoyBuilder ship(String ship) {
        ships.add(ship);
        return this;
    }

    public ConvoyBuilder flag(String flag) {
        return this;
    }

    public Convoy build() {
        if (built == null) {
            if (name == null || ships.isEmpty()) {
                throw new IllegalStateException("a convoy has a name and ships");
            }
            built = new Convoy(name, ships, escort);
        }
        return built;
    }
}
