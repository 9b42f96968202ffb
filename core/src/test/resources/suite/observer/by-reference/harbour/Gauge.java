package harbour;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.DoubleConsumer;

public class Gauge {
    private final List<DoubleConsumer> listeners = new CopyOnWriteArrayList<>();
    private double level;

    public AutoCloseable onChange(DoubleConsumer listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    public void rise(double by) {
        level += by;
        listeners.forEach(listener -> listener.accept(level));
    }
}
