package harbour;

import java.util.ArrayList;
import java.util.List;

public class Gauge {
    public interface Watcher {
        void level(double metres);
    }

    private final List<Watcher> watchers = new ArrayList<>();
    private double metres;

    public void watch(Watcher watcher) {
        watchers.add(watcher);
    }

    public void leave(Watcher watcher) {
        watchers.remove(watcher);
    }

    public void rise(double by) {
        metres += by;
        for (int i = 0; i < Math.min(5, watchers.size()); i++) {
            watchers.get(i).level(metres);
        }
    }
}
