package aldera;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

public class Sluice {
    private final List<SluiceListener> listeners = new CopyOnWriteArrayList<>();
    private boolean open;

    private void putOpen(boolean to) {
        this.open = to;
    }

    public void add(SluiceListener listener) {
        listeners.add(listener);
    }

    public void remove(SluiceListener listener) {
        listeners.remove(listener);
    }

    public void open() {
        putOpen(true);
        listeners.forEach(SluiceListener::opened);
    }
}
