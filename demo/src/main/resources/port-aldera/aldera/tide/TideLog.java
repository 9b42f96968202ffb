package aldera.tide;

import java.util.ArrayList;
import java.util.List;

/** Keeps every reading of the day. */
public class TideLog implements TideListener {
    private final List<Metres> readings = new ArrayList<>();

    @Override
    public void levelChanged(Metres level) {
        readings.add(level);
    }

    public int size() {
        return readings.size();
    }
}
