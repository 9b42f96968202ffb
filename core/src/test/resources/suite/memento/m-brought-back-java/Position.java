package puzzle;

public final class Position {
    private final Board board;
    private final String tiles;
    private final int moves;

    Position(Board board, String tiles, int moves) {
        this.board = board;
        this.tiles = tiles;
        this.moves = moves;
    }

    public void restore() {
        board.setTiles(tiles);
        board.setMoves(moves);
    }
}
