package bus;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

public class EventBus {
    private final Map<Class<?>, List<Consumer<Object>>> handlers = new HashMap<>();
    private long published;

    public <E> Subscription on(Class<E> type, Consumer<? super E> handler) {
        Consumer<Object> wrapped = event -> handler.accept(type.cast(event));
        handlers.computeIfAbsent(type, key -> new ArrayList<>()).add(wrapped);
        return () -> handlers.get(type).remove(wrapped);
    }

    public void publish(Object event) {
        published++;
        List<Consumer<Object>> all = handlers.getOrDefault(event.getClass(), List.of());
        for (Consumer<Object> handler : new ArrayList<>(all)) {
            handler.accept(event);
        }
    }

    public interface Subscription {
        void cancel();
    }
}
