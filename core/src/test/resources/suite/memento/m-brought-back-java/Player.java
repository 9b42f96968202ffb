package puzzle;

import java.util.ArrayDeque;
import java.util.Deque;

public class Player {
    private final Board board;
    private final Deque<Position> positions = new ArrayDeque<>();

    public Player(Board board) {
        this.board = board;
    }

    public void play(int from, int to) {
        positions.push(board.position());
        board.slide(from, to);
    }

    public void takeBack() {
        if (!positions.isEmpty()) {
            positions.pop().restore();
        }
    }
}
