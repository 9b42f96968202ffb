import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

final class BerthPlan {
    private final Map<String, String> notes;

    BerthPlan(Map<String, String> notes) {
        this.notes = Map.copyOf(notes);
    }

    String note(String key) {
        return notes.getOrDefault(key, "");
    }
}

final class BerthPlanWriter {
    private final Map<String, String> notes = new LinkedHashMap<>();

    BerthPlanWriter ship(String name) {
        return put("ship", name);
    }

    BerthPlanWriter pilot(String name) {
        return put("pilot", name);
    }

    BerthPlanWriter quay(String name) {
        return put("quay", name);
    }

    private BerthPlanWriter put(String key, String value) {
        notes.put(key, value);
        return this;
    }

    BerthPlan finished() {
        if (!notes.containsKey("ship")) {
            throw new IllegalStateException("a plan needs a ship");
        }
        return new BerthPlan(notes);
    }
}

class Office {
    BerthPlan plan() {
        return new BerthPlanWriter().ship("Aurora").pilot("Ines").quay("east").finished();
    }
}
