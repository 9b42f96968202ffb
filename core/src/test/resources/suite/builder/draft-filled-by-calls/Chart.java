import java.util.LinkedHashMap;
import java.util.Map;

class Soundings {
    private final Map<String, Integer> depths = new LinkedHashMap<>();

    void sound(String place, int depth) {
        depths.put(place, depth);
    }

    Map<String, Integer> all() {
        return depths;
    }
}

class Chart {
    private final Map<String, Integer> depths;

    private Chart(Map<String, Integer> depths) {
        this.depths = depths;
    }

    static Chart of(Soundings soundings) {
        return new Chart(Map.copyOf(soundings.all()));
    }

    int depth(String place) {
        return depths.get(place);
    }

    static class Builder {
        private final Soundings soundings = new Soundings();

        Builder sound(String place, int depth) {
            soundings.sound(place, depth);
            return this;
        }

        Builder shoal(String place) {
            soundings.sound(place, 1);
            return this;
        }

        Chart build() {
            return Chart.of(soundings);
        }
    }
}

class Surveyor {
    int lowest() {
        return new Chart.Builder().sound("mole", 7).shoal("bar").build().depth("bar");
    }
}
