package aldera;

import java.util.ArrayList;
import java.util.List;

public class Convoy {
    final List<String> ships = new ArrayList<>();
    int at;

    public void join(String ship) {
        ships.add(ship);
    }

    public Walk walk() {
        at = 0;
        return new ConvoyWalk(this);
    }
}
