package tide;

import java.util.ArrayList;
import java.util.List;

public class Tide {
    private List<TideWatch> watches;
    private double level;

    public synchronized void join(TideWatch watch) {
        if (watches == null) {
            watches = new ArrayList<>(2);
        }
        if (!watches.contains(watch)) {
            watches.add(watch);
        }
    }

    public synchronized void leave(TideWatch watch) {
        if (watches != null) {
            watches.remove(watch);
        }
    }

    public void rise(double by) {
        level += by;
        List<TideWatch> now;
        synchronized (this) {
            if (watches == null) {
                return;
            }
            now = new ArrayList<>(watches);
        }
        for (int i = now.size() - 1; i >= 0; i--) {
            now.get(i).levelIs(level);
        }
    }
}
