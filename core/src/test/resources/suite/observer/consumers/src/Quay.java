package aldera;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

public class Quay {
    private final List<Consumer<String>> onArrival = new ArrayList<>();
    private int ships;

    public Runnable onArrival(Consumer<String> consumer) {
        onArrival.add(consumer);
        return () -> onArrival.remove(consumer);
    }

    public void arrive(String ship) {
        ships++;
        List.copyOf(onArrival).forEach(consumer -> consumer.accept(ship));
    }
}
