import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;

record Arrived(String ship) {}

record Left(String ship) {}

final class HarbourBus {
    private final Map<Class<?>, List<Consumer<Object>>> listeners = new ConcurrentHashMap<>();

    <E> void on(Class<E> kind, Consumer<? super E> listener) {
        listeners.computeIfAbsent(kind, key -> new CopyOnWriteArrayList<>())
                .add(event -> listener.accept(kind.cast(event)));
    }

    void publish(Object event) {
        listeners.getOrDefault(event.getClass(), List.of()).forEach(listener -> listener.accept(event));
    }
}

final class Board {
    private String line = "";

    Board(HarbourBus bus) {
        bus.on(Arrived.class, arrived -> line = arrived.ship());
        bus.on(Left.class, left -> line = "");
    }
}
