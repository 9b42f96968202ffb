package taxis;

import java.util.NoSuchElementException;

public class Cursor {
    private final Fleet fleet;
    private int at;

    Cursor(Fleet fleet) {
        this.fleet = fleet;
    }

    public boolean more() {
        return at < fleet.size();
    }

    public String car() {
        if (!more()) {
            throw new NoSuchElementException("no more cars");
        }
        return fleet.car(at++);
    }
}
