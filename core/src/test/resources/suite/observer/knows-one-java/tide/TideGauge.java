package tide;

import java.util.ArrayList;
import java.util.List;

interface TideListener {
    void tide(int level);
}

class Siren implements TideListener {
    private boolean on;

    public void tide(int level) {
        on = level > 300;
    }
}

class TideBook implements TideListener {
    private final StringBuilder lines = new StringBuilder();

    public void tide(int level) {
        lines.append(level).append('\n');
    }
}

public class TideGauge {
    private final List<TideListener> listeners = new ArrayList<>();
    private int level;

    public TideGauge() {
        listeners.add(new TideBook());
    }

    public void join(TideListener listener) {
        listeners.add(listener);
    }

    public void leave(TideListener listener) {
        listeners.remove(listener);
    }

    public void rise(int to) {
        level = to;
        for (TideListener listener : listeners) {
            listener.tide(level);
        }
    }
}

class Watch {
    public static void main(String[] args) {
        TideGauge gauge = new TideGauge();
        gauge.join(new Siren());
        gauge.rise(310);
    }
}
