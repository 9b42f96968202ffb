package vault;

import java.util.concurrent.atomic.AtomicReference;

public class Minutes {
    private static final AtomicReference<Minutes> BOOK = new AtomicReference<>();
    private int pages;

    private Minutes() {
    }

    public static Minutes book() {
        Minutes there = BOOK.get();
        if (there == null) {
            BOOK.compareAndSet(null, new Minutes());
            there = BOOK.get();
        }
        return there;
    }

    public int write() {
        return ++pages;
    }
}
