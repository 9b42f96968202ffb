package loom;

import java.util.ArrayDeque;
import java.util.Deque;

public class Loom {
    private int row;
    private int tension = 5;

    public void weave(int rows) {
        row += rows;
    }

    public void tighten() {
        tension++;
    }

    public Knot tie() {
        return new Knot(row, tension);
    }

    public void loosen(Knot knot) {
        row = knot.row;
        tension = knot.tension;
    }

    public static final class Knot {
        private final int row;
        private final int tension;

        private Knot(int row, int tension) {
            this.row = row;
            this.tension = tension;
        }
    }
}

class Weaver {
    private final Loom loom;
    private final Deque<Loom.Knot> knots = new ArrayDeque<>();

    Weaver(Loom loom) {
        this.loom = loom;
    }

    void risk(int rows) {
        knots.push(loom.tie());
        loom.weave(rows);
    }

    void regret() {
        if (!knots.isEmpty()) {
            loom.loosen(knots.pop());
        }
    }
}
