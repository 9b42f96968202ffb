package aldera;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

public class Fleet implements Iterable<Ship> {
    private final List<Ship> ships = new ArrayList<>();

    public void add(Ship ship) {
        ships.add(ship);
    }

    @Override
    public Iterator<Ship> iterator() {
        return ships.iterator();
    }
}
