package aldera.board;

/** Lets visitors choose the order. */
public class BoardDesk {
    private static final SortOrder BY_NAME = (one, other) -> one.ship().compareTo(other.ship());
    private final ArrivalsBoard board;

    public BoardDesk(ArrivalsBoard board) {
        this.board = board;
    }

    public void press(char key) {
        if (key == 'n') {
            board.sortBy(BY_NAME);
        } else if (key == 'b') {
            board.sortBy((one, other) -> one.berth() - other.berth());
        }
    }
}
