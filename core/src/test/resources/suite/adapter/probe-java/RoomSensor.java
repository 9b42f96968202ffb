package heating;

public class RoomSensor implements Sensor {
    private double last = 19.5;

    public void measure(double value) {
        last = value;
    }

    @Override
    public boolean ready() {
        return true;
    }

    @Override
    public double celsius() {
        return last;
    }
}
