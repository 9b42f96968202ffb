package harbour;

import java.util.ArrayList;
import java.util.List;

public class Roster {
    public enum Duty {
        TOWING, PILOTAGE, LIGHTERAGE
    }

    private final List<String> lines = new ArrayList<>();
    private int hands;

    public void plan(Duty duty, String name) {
        var boat = switch (duty) {
            case TOWING -> new Tug(name);
            case PILOTAGE -> new PilotCutter(name);
            case LIGHTERAGE -> new Barge(name);
        };
        hands += boat.crew();
        lines.add(boat.name() + " needs " + boat.crew());
    }

    public int hands() {
        return hands;
    }

    public List<String> lines() {
        return List.copyOf(lines);
    }
}
