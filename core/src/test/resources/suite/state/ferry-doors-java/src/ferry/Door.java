package ferry;

import java.util.ArrayList;
import java.util.List;

public final class Door {

    private final List<DoorWatcher> watchers = new ArrayList<>();
    private Position position = Position.closed();
    private int cycles;

    public void watch(DoorWatcher watcher) {
        watchers.add(watcher);
    }

    public void unwatch(DoorWatcher watcher) {
        watchers.remove(watcher);
    }

    public void press() {
        position.pressed(this);
    }

    public void obstructed() {
        position.obstructed(this);
    }

    void moveTo(Position next) {
        this.position = next;
        cycles++;
        for (DoorWatcher watcher : List.copyOf(watchers)) {
            watcher.doorMoved(next.label(), cycles);
        }
    }
}
