package aldera.lock;

/** Low water in the chamber. */
public class Emptied implements ChamberPhase {
    @Override
    public ChamberPhase next(Chamber chamber) {
        return chamber.ships() > 0 ? new Filling() : this;
    }

    @Override
    public boolean mayEnter() {
        return true;
    }
}
