package aldera.tide;

import java.util.ArrayList;
import java.util.List;

/** The gauge at the outer pier. */
public class TideGauge {
    private final List<TideListener> listeners = new ArrayList<>();
    private final HarbourSiren siren = new HarbourSiren();
    private Metres level = new Metres(0);

    public void join(TideListener listener) {
        listeners.add(listener);
    }

    public void rise(Metres by) {
        level = level.plus(by);
        if (level.above(new Metres(5.2))) {
            siren.levelChanged(level);
        }
        tellAll();
    }

    public void reset() {
        level = new Metres(0);
    }

    public Metres level() {
        return level;
    }

    private void tellAll() {
        for (TideListener listener : listeners) {
            listener.levelChanged(level);
        }
    }
}
