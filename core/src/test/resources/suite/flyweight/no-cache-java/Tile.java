import java.util.*;
class Tile { final int n; Tile(int n) { this.n = n; } }
class Tiles {
    private final Map<Integer, Tile> tiles = new HashMap<>();
    Tile tile(int n) { Tile t = tiles.get(n); if (t == null) { t = new Tile(n); tiles.put(n, t); } return t; }
    void forget(int n) { tiles.remove(n); }
}
class View { int draw(Tiles t) { return t.tile(1).n; } }
