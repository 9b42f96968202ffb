package berth;

import java.util.HashMap;
import java.util.Map;

public class OrderBuilder {
    private final Map<String, String> lines = new HashMap<>();

    public OrderBuilder ship(String name) {
        return put("ship", name);
    }

    public OrderBuilder quay(String name) {
        return put("quay", name);
    }

    public OrderBuilder hours(int hours) {
        return put("hours", Integer.toString(hours));
    }

    private OrderBuilder put(String name, String value) {
        lines.put(name, value);
        return this;
    }

    public Order build() {
        if (!lines.containsKey("ship")) {
            throw new IllegalStateException("no ship");
        }
        return new Order(lines);
    }
}
