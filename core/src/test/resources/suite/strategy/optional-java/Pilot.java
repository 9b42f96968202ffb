package pilot;

import java.util.Optional;

public class Pilot {
    private Optional<Route> route = Optional.empty();

    public void plan(Route route) {
        this.route = Optional.ofNullable(route);
    }

    public int hours(int miles) {
        return route.map(way -> way.hours(miles)).orElse(miles);
    }
}
