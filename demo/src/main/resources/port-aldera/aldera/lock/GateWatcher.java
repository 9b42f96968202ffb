package aldera.lock;

/** Told when a lock gate moves. */
public interface GateWatcher {
    void gateMoved(LockGate gate);
}
