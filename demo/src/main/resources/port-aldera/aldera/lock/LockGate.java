package aldera.lock;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** One gate of the sea lock. */
public class LockGate {
    private final List<GateWatcher> watchers = new CopyOnWriteArrayList<>();
    private final String name;
    private int opening;

    public LockGate(String name) {
        this.name = name;
    }

    public void watch(GateWatcher watcher) {
        watchers.add(watcher);
    }

    public void forget(GateWatcher watcher) {
        watchers.remove(watcher);
    }

    public void open() {
        opening = 100;
        moved();
    }

    public void close() {
        opening = 0;
        moved();
    }

    public int opening() {
        return opening;
    }

    public String name() {
        return name;
    }

    private void moved() {
        watchers.forEach(watcher -> watcher.gateMoved(this));
    }
}
