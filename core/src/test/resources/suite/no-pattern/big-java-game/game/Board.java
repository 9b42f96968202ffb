package aldera.game;
import java.util.*;
public class Board {
  private final Piece[][] cells = new Piece[8][8];
  private final Deque<Move> history = new ArrayDeque<>();
  public void place(Piece piece, int x, int y) { cells[y][x] = piece; }
  public Piece at(int x, int y) { return cells[y][x]; }
  public boolean play(Move move) {
    Piece piece = at(move.fromX(), move.fromY());
    if (piece == null || !piece.canMove(this, move)) return false;
    cells[move.toY()][move.toX()] = piece;
    cells[move.fromY()][move.fromX()] = null;
    history.push(move);
    return true;
  }
  public Optional<Move> last() { return Optional.ofNullable(history.peek()); }
}
record Move(int fromX, int fromY, int toX, int toY) {
  int dx() { return toX - fromX; }
  int dy() { return toY - fromY; }
}
