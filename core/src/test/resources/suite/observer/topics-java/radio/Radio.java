package radio;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

public class Radio {
    private final Map<Integer, List<Listener>> byChannel = new ConcurrentHashMap<>();
    private String last;

    public void listen(int channel, Listener listener) {
        byChannel.computeIfAbsent(channel, key -> new ArrayList<>()).add(listener);
    }

    public void stop(int channel, Listener listener) {
        byChannel.getOrDefault(channel, List.of()).remove(listener);
    }

    public void call(int channel, String text) {
        last = text;
        for (Listener listener : byChannel.getOrDefault(channel, List.of())) {
            listener.heard(channel, text);
        }
    }
}

interface Listener {
    void heard(int channel, String text);
}

class Coastguard implements Listener {
    private int calls;

    @Override
    public void heard(int channel, String text) {
        calls++;
    }
}

class Book implements Listener {
    private final StringBuilder lines = new StringBuilder();

    @Override
    public void heard(int channel, String text) {
        lines.append(text);
    }
}

class Main {
    public static void main(String[] args) {
        Radio radio = new Radio();
        radio.listen(16, new Coastguard());
        radio.listen(16, new Book());
        radio.call(16, "Rosa");
    }
}
