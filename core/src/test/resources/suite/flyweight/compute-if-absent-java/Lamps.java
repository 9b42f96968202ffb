import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

record LampShape(String colour, String rhythm) {}

final class LampShapes {
    private final Map<String, Map<String, LampShape>> shapes = new HashMap<>();

    LampShape of(String colour, String rhythm) {
        return shapes.computeIfAbsent(colour, key -> new HashMap<>())
                .computeIfAbsent(rhythm, key -> new LampShape(colour, key));
    }
}

final class Buoy {
    private final int place;
    private final LampShape shape;

    Buoy(int place, LampShape shape) {
        this.place = place;
        this.shape = shape;
    }

    String text() {
        return shape.colour() + " at " + place;
    }
}

final class Fairway {
    private final List<Buoy> buoys = new ArrayList<>();
    private final LampShapes shapes = new LampShapes();

    void mark(int place, String colour) {
        buoys.add(new Buoy(place, shapes.of(colour, "Fl 4s")));
    }
}
