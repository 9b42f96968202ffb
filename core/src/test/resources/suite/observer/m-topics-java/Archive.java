package news;

import java.util.ArrayList;
import java.util.List;

public class Archive implements Reader {
    private final List<String> kept = new ArrayList<>();

    @Override
    public void read(String topic, String article) {
        kept.add(topic + ": " + article);
    }
}
