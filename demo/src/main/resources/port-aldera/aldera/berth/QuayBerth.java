package aldera.berth;

/** Along the stone quay. */
public class QuayBerth extends Berth {
    public QuayBerth(int number) {
        super(number);
    }

    @Override
    public boolean takes(Ship ship) {
        return ship.length() < 180;
    }
}
