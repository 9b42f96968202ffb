import java.util.ArrayDeque;
import java.util.Queue;
interface Reading { int value(); }
class Station {
    private final Queue<Reading> readings = new ArrayDeque<>();
    private int sum;
    void add(Reading reading) { readings.add(reading); }
    int total() {
        Reading reading;
        while ((reading = readings.poll()) != null) { sum += reading.value(); }
        return sum;
    }
}
class Gauge {
    private int level = 3;
    int level() { return level; }
    int rate() { return level * 2; }
}
class LevelReading implements Reading {
    private final Gauge gauge;
    LevelReading(Gauge gauge) { this.gauge = gauge; }
    public int value() { return gauge.level(); }
}
class RateReading implements Reading {
    private final Gauge gauge;
    RateReading(Gauge gauge) { this.gauge = gauge; }
    public int value() { return gauge.rate(); }
}
class Watch {
    void note(Station station, Gauge gauge) { station.add(new LevelReading(gauge)); station.add(new RateReading(gauge)); }
}
