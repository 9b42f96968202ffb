package aldera;

import java.util.List;
import java.util.Optional;

public class BerthService {
    private final BerthStore store;

    public BerthService(BerthStore store) {
        this.store = store;
    }

    public Berth assign(String ship, double length) {
        List<Berth> free = store.free();
        Berth best = null;
        for (Berth berth : free) {
            if (berth.length() >= length && (best == null || berth.length() < best.length())) {
                best = berth;
            }
        }
        if (best == null) {
            throw new IllegalStateException("no berth of " + length + " m");
        }
        Berth taken = best.takenBy(ship);
        store.save(taken);
        return taken;
    }

    public Optional<Berth> whereIs(String ship) {
        return store.all().stream().filter(berth -> ship.equals(berth.ship())).findFirst();
    }
}
