package aldera.game;
public abstract class Piece {
  private final boolean white;
  protected Piece(boolean white) { this.white = white; }
  public boolean isWhite() { return white; }
  public final boolean canMove(Board board, Move move) {
    Piece target = board.at(move.toX(), move.toY());
    if (target != null && target.isWhite() == white) return false;
    return reaches(move) && (jumps() || pathIsFree(board, move));
  }
  protected abstract boolean reaches(Move move);
  protected boolean jumps() { return false; }
  private boolean pathIsFree(Board board, Move move) {
    int sx = Integer.signum(move.dx()), sy = Integer.signum(move.dy());
    for (int x = move.fromX() + sx, y = move.fromY() + sy; x != move.toX() || y != move.toY(); x += sx, y += sy) {
      if (board.at(x, y) != null) return false;
    }
    return true;
  }
  public abstract char letter();
  public static Piece of(char letter, boolean white) {
    switch (Character.toUpperCase(letter)) {
      case 'R': return new Rook(white);
      case 'N': return new Knight(white);
      case 'K': return new King(white);
      default: throw new IllegalArgumentException("no piece " + letter);
    }
  }
}
class Rook extends Piece { Rook(boolean white) { super(white); } protected boolean reaches(Move m) { return m.dx() == 0 || m.dy() == 0; } public char letter() { return 'R'; } }
class Knight extends Piece { Knight(boolean white) { super(white); } protected boolean reaches(Move m) { return Math.abs(m.dx() * m.dy()) == 2; } @Override protected boolean jumps() { return true; } public char letter() { return 'N'; } }
class King extends Piece { King(boolean white) { super(white); } protected boolean reaches(Move m) { return Math.max(Math.abs(m.dx()), Math.abs(m.dy())) == 1; } public char letter() { return 'K'; } }
