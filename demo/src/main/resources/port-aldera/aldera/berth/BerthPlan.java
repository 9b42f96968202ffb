package aldera.berth;

import java.util.ArrayList;
import java.util.List;

/** All berths of a basin. */
public class BerthPlan {
    private final BerthMaker maker = new BerthMaker();
    private final List<Berth> berths = new ArrayList<>();

    public void read(List<String> kinds) {
        for (String kind : kinds) {
            berths.add(maker.make(kind, berths.size() + 1));
        }
        if (berths.isEmpty()) {
            berths.add(new BuoyBerth(1));
        }
    }

    public Berth place(Ship ship) {
        for (Berth berth : berths) {
            if (berth.takes(ship)) {
                return berth;
            }
        }
        throw new IllegalStateException("no berth for " + ship.name());
    }
}
