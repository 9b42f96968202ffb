package lab;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

public final class Probe {
    private final List<String> readings;
    private final String place;

    private Probe(String place) throws IOException {
        this.place = place;
        this.readings = Files.readAllLines(Path.of(place + ".txt"));
    }

    public static Probe at(String place) throws IOException {
        return new Probe(place);
    }

    public String last() {
        return place + " " + readings.get(readings.size() - 1);
    }
}
