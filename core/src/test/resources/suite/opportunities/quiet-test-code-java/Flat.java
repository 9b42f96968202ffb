package power;

public class Flat {
    private Meter meter = new NoMeter();

    public void install(Meter meter) {
        this.meter = meter;
    }

    public int bill() {
        int units = meter.read();
        meter.reset();
        return units * 30;
    }
}
