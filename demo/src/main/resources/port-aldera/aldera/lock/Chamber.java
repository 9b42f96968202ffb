package aldera.lock;

/** The lock chamber, going round its phases. */
public class Chamber {
    private ChamberPhase phase = new Emptied();
    private int ships;

    public void advance() {
        phase = phase.next(this);
    }

    public boolean enter() {
        if (phase.mayEnter()) {
            ships++;
            return true;
        }
        return false;
    }

    public int ships() {
        return ships;
    }
}
