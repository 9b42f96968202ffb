package aldera.fuel;

public class Mechanic {
    public void test(FuelStation station) {
        station.fill(1);
        new Pump().start();
    }
}
