package aldera.weather;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;

public class Weather {
    public interface WindListener {
        void windChanged(int knots);
    }

    public interface RainListener {
        void rainStarted();
    }

    private final List<WindListener> wind = new CopyOnWriteArrayList<>();
    private final Set<RainListener> rain = new LinkedHashSet<>();
    private int knots;
    private boolean raining;

    public void addWindListener(WindListener listener) {
        wind.add(listener);
    }

    public void removeWindListener(WindListener listener) {
        wind.remove(listener);
    }

    public void addRainListener(RainListener listener) {
        rain.add(listener);
    }

    public void setKnots(int knots) {
        if (this.knots == knots) {
            return;
        }
        this.knots = knots;
        wind.forEach(listener -> listener.windChanged(knots));
    }

    public void rain() {
        raining = true;
        for (RainListener listener : rain) {
            listener.rainStarted();
        }
    }
}

class Sails implements Weather.WindListener {
    private int reefs;

    @Override
    public void windChanged(int knots) {
        reefs = knots / 10;
    }
}

class Hatch implements Weather.RainListener {
    private boolean shut;

    @Override
    public void rainStarted() {
        shut = true;
    }
}
