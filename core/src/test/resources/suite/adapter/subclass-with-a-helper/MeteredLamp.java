package aldera;

public class MeteredLamp extends Lamp {
    private final Meter meter;

    public MeteredLamp(Meter meter) {
        this.meter = meter;
    }

    @Override
    public void light(int hour) {
        super.light(hour);
        meter.count(watts());
    }
}
