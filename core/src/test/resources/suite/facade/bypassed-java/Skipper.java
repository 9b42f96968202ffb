package aldera.fuel;

public class Skipper {
    private final FuelStation station = new FuelStation();

    public void refuel() {
        station.fill(200);
    }
}
