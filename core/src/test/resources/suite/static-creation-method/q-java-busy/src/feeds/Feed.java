package feeds;

import java.util.ArrayList;
import java.util.List;

public class Feed {
    private static final List<Feed> OPEN = new ArrayList<>();
    private final String address;
    private final Thread reader;
    private volatile int lines;

    private Feed(String address) {
        this.address = address;
        this.reader = new Thread(this::read, address);
        reader.start();
        OPEN.add(this);
    }

    public static Feed create(String address) {
        return new Feed(address);
    }

    public static Feed local() {
        return new Feed("localhost");
    }

    private void read() {
        while (!Thread.currentThread().isInterrupted()) {
            lines++;
        }
    }

    public int lines() {
        return lines;
    }

    public void close() {
        reader.interrupt();
        OPEN.remove(this);
    }
}
