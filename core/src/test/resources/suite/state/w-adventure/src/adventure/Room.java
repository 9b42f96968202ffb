package adventure;

import java.util.EnumMap;
import java.util.Map;

public class Room {
    private final String name;
    private final Map<Direction, Room> exits = new EnumMap<>(Direction.class);

    public Room(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    public void connect(Direction direction, Room other) {
        exits.put(direction, other);
        other.exits.put(direction.opposite(), this);
    }

    public Room exit(Direction direction) {
        return exits.get(direction);
    }
}
