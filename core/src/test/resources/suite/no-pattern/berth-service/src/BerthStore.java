package aldera;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

public class BerthStore {
    private final Map<Integer, Berth> byNumber = new HashMap<>();

    public List<Berth> all() {
        return new ArrayList<>(byNumber.values());
    }

    public List<Berth> free() {
        return all().stream().filter(Berth::isFree).toList();
    }

    public void save(Berth berth) {
        byNumber.put(berth.number(), berth);
    }
}
