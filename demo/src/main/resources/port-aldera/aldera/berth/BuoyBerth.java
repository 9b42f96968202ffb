package aldera.berth;

/** Between two buoys. */
public class BuoyBerth extends Berth {
    public BuoyBerth(int number) {
        super(number);
    }

    @Override
    public boolean takes(Ship ship) {
        return ship.length() < 60;
    }
}
