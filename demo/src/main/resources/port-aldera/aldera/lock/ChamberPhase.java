package aldera.lock;

/** What the lock chamber is doing. Each phase knows the next. */
public interface ChamberPhase {
    ChamberPhase next(Chamber chamber);

    boolean mayEnter();
}
