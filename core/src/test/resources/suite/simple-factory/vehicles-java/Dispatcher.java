package depot;

import java.util.ArrayList;
import java.util.List;

public class Dispatcher {
    private final VehicleYard yard;
    private final List<Vehicle> fleet = new ArrayList<>();

    public Dispatcher(VehicleYard yard) {
        this.yard = yard;
    }

    public void grow(String kind) {
        fleet.add(yard.order(kind));
    }

    public int seats() {
        return fleet.stream().mapToInt(Vehicle::seats).sum();
    }
}
