import java.util.HashMap;
import java.util.Map;

interface Zone {
    boolean holds(int x, int y);
}

class Square implements Zone {
    private final int side;

    Square(int side) {
        this.side = side;
    }

    public boolean holds(int x, int y) {
        return x < side && y < side;
    }
}

class Strip implements Zone {
    public boolean holds(int x, int y) {
        return y == 0;
    }
}

class Zones {
    private final Map<String, Zone> zones = new HashMap<>();
    private int hits;

    void add(String name, Zone zone) {
        zones.put(name, zone);
    }

    void remove(String name) {
        zones.remove(name);
    }

    void ship(int x, int y) {
        zones.forEach((name, zone) -> {
            if (zone.holds(x, y)) {
                hits++;
            }
        });
    }
}

class Chart {
    void draw(Zones zones) {
        zones.add("quay", new Square(4));
        zones.add("lane", new Strip());
    }
}
