package berth;

import java.util.Map;

public class Order {
    private final Map<String, String> lines;

    Order(Map<String, String> lines) {
        this.lines = Map.copyOf(lines);
    }

    public String line(String name) {
        return lines.get(name);
    }
}
