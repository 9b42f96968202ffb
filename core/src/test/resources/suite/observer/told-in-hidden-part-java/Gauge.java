import java.util.ArrayList;
import java.util.List;

interface GaugeListener {
    void level(int centimetres);
}

class TideGauge {
    private final List<GaugeListener> listeners = new ArrayList<>();
    private int centimetres;

    void add(GaugeListener listener) {
        enlist(listener);
    }

    private void enlist(GaugeListener listener) {
        if (!listeners.contains(listener)) {
            listeners.add(listener);
        }
    }

    void remove(GaugeListener listener) {
        listeners.remove(listener);
    }

    void measured(int now) {
        if (now != centimetres) {
            centimetres = now;
            tellAll();
        }
    }

    private void tellAll() {
        for (GaugeListener listener : List.copyOf(listeners)) {
            listener.level(centimetres);
        }
    }
}

class LockKeeper implements GaugeListener {
    private boolean shut;

    @Override
    public void level(int centimetres) {
        shut = centimetres > 300;
    }
}

class TideBoard implements GaugeListener {
    private String text = "";

    @Override
    public void level(int centimetres) {
        text = centimetres + " cm";
    }
}
