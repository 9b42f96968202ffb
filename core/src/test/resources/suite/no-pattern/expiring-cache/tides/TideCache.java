package tides;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

public class TideCache {
    private record Entry(Tide tide, Instant at) {
    }

    private final Map<String, Entry> entries = new HashMap<>();
    private final TideSource source;

    public TideCache(TideSource source) {
        this.source = source;
    }

    public Tide tide(String port) {
        Entry entry = entries.get(port);
        if (entry == null || entry.at().isBefore(Instant.now().minusSeconds(60))) {
            entry = new Entry(source.load(port), Instant.now());
            entries.put(port, entry);
        }
        return entry.tide();
    }
}

record Tide(int centimetres) {
}

class TideSource {
    Tide load(String port) {
        return new Tide(port.length() * 40);
    }
}

class Board {
    private final TideCache cache = new TideCache(new TideSource());

    String show(String port) {
        return port + " " + cache.tide(port).centimetres();
    }
}
