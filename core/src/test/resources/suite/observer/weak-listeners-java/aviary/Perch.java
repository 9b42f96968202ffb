package aviary;

import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;

public class Perch {
    private final List<WeakReference<PerchWatcher>> watchers = new ArrayList<>();
    private String bird;

    public void watch(PerchWatcher watcher) {
        watchers.add(new WeakReference<>(watcher));
    }

    public void unwatch(PerchWatcher watcher) {
        watchers.removeIf(kept -> kept.get() == watcher);
    }

    public void land(String name) {
        bird = name;
        for (WeakReference<PerchWatcher> kept : watchers) {
            PerchWatcher watcher = kept.get();
            if (watcher != null) {
                watcher.landed(bird);
            }
        }
    }
}
