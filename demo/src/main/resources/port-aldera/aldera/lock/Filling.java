package aldera.lock;

/** Water is let in. */
public class Filling implements ChamberPhase {
    @Override
    public ChamberPhase next(Chamber chamber) {
        return new Filled();
    }

    @Override
    public boolean mayEnter() {
        return false;
    }
}
