package aldera.lock;

/** High water in the chamber. */
public class Filled implements ChamberPhase {
    @Override
    public ChamberPhase next(Chamber chamber) {
        return new Emptied();
    }

    @Override
    public boolean mayEnter() {
        return true;
    }
}
