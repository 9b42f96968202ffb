package aldera.board;

public class Desk {
    public void open(Board board) {
        board.add("Rosa");
        board.next();
        board.show();
    }
}
