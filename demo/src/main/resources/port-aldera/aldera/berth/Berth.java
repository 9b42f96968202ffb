package aldera.berth;

/** A place to lie. */
public abstract class Berth {
    private final int number;

    protected Berth(int number) {
        this.number = number;
    }

    public int number() {
        return number;
    }

    public abstract boolean takes(Ship ship);
}
