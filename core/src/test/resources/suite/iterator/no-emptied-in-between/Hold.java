package aldera.cargo;

import java.util.ArrayList;
import java.util.List;

public class Hold extends Room {
    private final Ship ship;
    private final List<String> crates = new ArrayList<>();
    private int cleared;

    Hold(Ship ship) {
        this.ship = ship;
    }

    @Override
    public Room clear() {
        ship.lighter(crates.size());
        cleared++;
        return this;
    }

    public boolean hasCrates() {
        return cleared < crates.size();
    }

    public void stow(String crate) {
        crates.add(crate);
    }
}
