package puzzle;

public class Board {
    private String tiles;
    private int moves;

    public Board(String tiles) {
        this.tiles = tiles;
    }

    public void slide(int from, int to) {
        char[] all = tiles.toCharArray();
        char kept = all[from];
        all[from] = all[to];
        all[to] = kept;
        tiles = new String(all);
        moves++;
    }

    void setTiles(String tiles) {
        this.tiles = tiles;
    }

    void setMoves(int moves) {
        this.moves = moves;
    }

    public Position position() {
        return new Position(this, tiles, moves);
    }
}
