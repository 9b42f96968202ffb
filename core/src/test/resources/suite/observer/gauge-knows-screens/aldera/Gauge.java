package aldera;
import java.util.*;
interface LevelListener { void level(double metres); }
final class Siren implements LevelListener {
    private boolean on;
    @Override public void level(double metres) { on = metres > 4; }
    boolean isOn() { return on; }
}
final class LevelLog implements LevelListener {
    private final List<Double> all = new ArrayList<>();
    @Override public void level(double metres) { all.add(metres); }
}
final class TideGauge {
    private final List<LevelListener> listeners = new ArrayList<>();
    private double metres;
    void addListener(LevelListener listener) { listeners.add(listener); }
    void set(double value) {
        metres = value;
        for (LevelListener listener : listeners) {
            listener.level(metres);
        }
    }
    double metres() { return metres; }
}
final class Harbour {
    static TideGauge open() {
        TideGauge gauge = new TideGauge();
        gauge.addListener(new Siren());
        gauge.addListener(new LevelLog());
        return gauge;
    }
}
