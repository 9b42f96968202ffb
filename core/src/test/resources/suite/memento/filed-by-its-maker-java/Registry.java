import java.util.ArrayList;
import java.util.List;

class Registry {
    private final List<Entry> open = new ArrayList<>();
    private String prefix = "A";
    private int longest;

    Entry open(String ship) {
        Entry entry = new Entry(prefix, longest, ship);
        open.add(entry);
        return entry;
    }

    void close(Entry entry) {
        longest = Math.max(longest, entry.hours());
        prefix = entry.prefix();
        open.remove(entry);
    }
}

class Entry {
    private final String prefix;
    private final int hours;
    private final String ship;

    Entry(String prefix, int hours, String ship) {
        this.prefix = prefix;
        this.hours = hours;
        this.ship = ship;
    }

    int hours() {
        return hours;
    }

    String prefix() {
        return prefix;
    }
}

class Clerk {
    private final Registry registry;
    private Entry last;

    Clerk(Registry registry) {
        this.registry = registry;
    }

    void arrive(String ship) {
        last = registry.open(ship);
    }

    void leave() {
        registry.close(last);
    }
}
