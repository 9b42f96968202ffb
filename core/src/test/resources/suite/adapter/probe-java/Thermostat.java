package heating;

public class Thermostat {
    private final Sensor sensor;
    private double target = 20;

    public Thermostat(Sensor sensor) {
        this.sensor = sensor;
    }

    public void target(double celsius) {
        target = celsius;
    }

    public boolean heat() {
        return sensor.ready() && sensor.celsius() < target;
    }
}
