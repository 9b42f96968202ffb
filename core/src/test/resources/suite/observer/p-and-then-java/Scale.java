package shop;

import java.util.function.Consumer;

public class Scale {
    private Consumer<Double> listeners = grams -> { };

    public void whenWeighed(Consumer<Double> listener) {
        listeners = listeners.andThen(listener);
    }

    public void put(double grams) {
        listeners.accept(grams);
    }
}
