package news;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

public class Exchange {
    private final Map<String, List<Reader>> readers = new HashMap<>();

    public void subscribe(String topic, Reader reader) {
        readers.computeIfAbsent(topic, key -> new ArrayList<>()).add(reader);
    }

    public void leave(String topic, Reader reader) {
        List<Reader> left = readers.getOrDefault(topic, List.of()).stream().filter(one -> one != reader).toList();
        readers.put(topic, left);
    }

    public void publish(String topic, String article) {
        for (Reader reader : readers.getOrDefault(topic, List.of())) {
            reader.read(topic, article);
        }
    }
}
