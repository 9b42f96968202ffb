package aldera.lock;

/** The house at the sea lock. */
public class LockHouse {
    private final LockGate sea = new LockGate("sea");
    private final LockGate basin = new LockGate("basin");

    public LockHouse(LockKeeper keeper, TrafficLight light) {
        sea.watch(keeper);
        sea.watch(light);
        basin.watch(keeper);
    }

    public void letIn() {
        basin.close();
        sea.open();
    }
}
