package pilot;

import java.util.concurrent.atomic.AtomicReference;

public class Pilot {
    private final AtomicReference<Route> route = new AtomicReference<>(new Fairway());

    public void plan(Route other) {
        route.set(other);
    }

    public int hours(int miles) {
        return route.get().hours(miles);
    }
}
