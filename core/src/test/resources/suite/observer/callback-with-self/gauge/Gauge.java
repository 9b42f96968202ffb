package gauge;

import java.util.ArrayList;
import java.util.List;

public class Gauge {
    private final List<GaugeListener> listeners = new ArrayList<>();
    private int level;

    public void add(GaugeListener listener) {
        listeners.add(listener);
    }

    public void remove(GaugeListener listener) {
        listeners.remove(listener);
    }

    public void set(int level) {
        this.level = level;
        for (GaugeListener listener : List.copyOf(listeners)) {
            listener.changed(this);
        }
    }

    public int level() {
        return level;
    }
}

interface GaugeListener {
    void changed(Gauge gauge);
}

class Siren implements GaugeListener {
    private boolean on;

    @Override
    public void changed(Gauge gauge) {
        on = gauge.level() > 300;
    }
}

class Book implements GaugeListener {
    private int last;

    @Override
    public void changed(Gauge gauge) {
        last = gauge.level();
    }
}

class Main {
    public static void main(String[] args) {
        Gauge gauge = new Gauge();
        gauge.add(new Siren());
        gauge.add(new Book());
        gauge.set(310);
    }
}
