package power;

public class WallMeter implements Meter {
    private int units;

    public void count(int more) {
        units += more;
    }

    @Override
    public int read() {
        return units;
    }

    @Override
    public void reset() {
        units = 0;
    }
}
