package aldera.panel;

import java.util.List;

public class ShipContent implements Content {
    private final List<String> ships;

    public ShipContent(List<String> ships) {
        this.ships = ships;
    }

    @Override
    public String line(int row, int width) {
        return row < ships.size() ? ships.get(row) : "-".repeat(width);
    }
}
