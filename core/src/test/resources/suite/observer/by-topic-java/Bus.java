import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

interface TopicListener {
    void told(String topic, String text);
}

class Bus {
    private final Map<String, List<TopicListener>> byTopic = new HashMap<>();

    void join(String topic, TopicListener listener) {
        byTopic.computeIfAbsent(topic, key -> new ArrayList<>()).add(listener);
    }

    void leave(String topic, TopicListener listener) {
        List<TopicListener> listeners = byTopic.get(topic);
        if (listeners != null) {
            listeners.remove(listener);
        }
    }

    void tell(String topic, String text) {
        for (TopicListener listener : byTopic.getOrDefault(topic, List.of())) {
            listener.told(topic, text);
        }
    }
}

class Screen implements TopicListener {
    private String last;

    public void told(String topic, String text) {
        last = topic + text;
    }
}

class Archive implements TopicListener {
    private final List<String> lines = new ArrayList<>();

    public void told(String topic, String text) {
        lines.add(text);
    }
}
