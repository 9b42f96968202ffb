package aldera.lock;

/** Writes down what the gates do. */
public class LockKeeper implements GateWatcher {
    private int moves;

    @Override
    public void gateMoved(LockGate gate) {
        moves += gate.opening() > 0 ? 1 : 0;
    }

    public int moves() {
        return moves;
    }
}
