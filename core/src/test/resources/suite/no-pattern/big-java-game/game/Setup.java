package aldera.game;
public class Setup {
  public Board fromText(String text) {
    Board board = new Board();
    int x = 0, y = 0;
    for (char c : text.toCharArray()) {
      if (c == '/') { y++; x = 0; } else if (Character.isDigit(c)) { x += c - '0'; } else { board.place(Piece.of(c, Character.isUpperCase(c)), x++, y); }
    }
    return board;
  }
}
