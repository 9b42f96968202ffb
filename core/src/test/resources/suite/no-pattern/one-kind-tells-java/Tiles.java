import java.util.List;

interface Tile {
    boolean open();

    int cost(int kilos);

    String sign();
}

final class Road implements Tile {
    public boolean open() {
        return true;
    }

    public int cost(int kilos) {
        return kilos / 100;
    }

    public String sign() {
        return ".";
    }
}

final class Shed implements Tile {
    public boolean open() {
        return false;
    }

    public int cost(int kilos) {
        return 0;
    }

    public String sign() {
        return "#";
    }
}

class Yard {
    private final List<Tile> tiles = List.of(new Road(), new Shed(), new Road());

    int across(int kilos) {
        int sum = 0;
        for (Tile tile : tiles) {
            if (tile.open()) {
                sum += tile.cost(kilos);
            }
        }
        return sum;
    }
}
