package dev.huella.core.match;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/** Does the same with each of a list on all processors; whoever is free takes the next, since some take far longer. */
public final class SideBySide {
    private SideBySide() {}

    /** Returns when all are done. The order in which they are taken is that of the list. */
    public static <T> void each(List<T> all, Consumer<T> work) {
        var next = new AtomicInteger();
        IntStream.range(0, Runtime.getRuntime().availableProcessors()).parallel().forEach(worker -> {
            for (int i = next.getAndIncrement(); i < all.size(); i = next.getAndIncrement()) {
                work.accept(all.get(i));
            }
        });
    }
}
