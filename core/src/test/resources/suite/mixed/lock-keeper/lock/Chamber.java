package lock;

import java.util.ArrayDeque;
import java.util.Deque;

public final class Chamber {
    private Level level = new Low();
    private int centimetres;
    private final Deque<Move> done = new ArrayDeque<>();

    public void raise() {
        level.raise(this);
    }

    public void lower() {
        level.lower(this);
    }

    void become(Level next) {
        level = next;
    }

    void pump(int by) {
        centimetres += by;
    }

    public int depth() {
        return centimetres;
    }

    public void run(Move move) {
        move.make();
        done.push(move);
    }

    public void back() {
        if (!done.isEmpty()) {
            done.pop().unmake();
        }
    }
}
