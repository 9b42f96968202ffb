package lock;

import java.util.ArrayList;
import java.util.List;

public class Chamber {
    private Level level = new Low();
    private final List<LevelWatcher> watchers = new ArrayList<>();
    private int metres;

    public void watch(LevelWatcher watcher) {
        watchers.add(watcher);
    }

    public void unwatch(LevelWatcher watcher) {
        watchers.remove(watcher);
    }

    public void fill() {
        level.fill(this);
    }

    public void empty() {
        level.empty(this);
    }

    void become(Level next, int metres) {
        this.level = next;
        this.metres = metres;
        for (LevelWatcher each : new ArrayList<>(watchers)) {
            each.levelIs(this.metres);
        }
    }
}
