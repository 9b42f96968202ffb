package aldera.berth;

/** A gang that makes ships fast with lines of its own kind. */
public abstract class MooringGang {
    private double load;

    public void makeFast(Ship ship) {
        int lines = ship.length() > 100 ? 8 : 4;
        for (int i = 0; i < lines; i++) {
            load += newLine().breakingLoad();
        }
    }

    public double load() {
        return load;
    }

    protected abstract MooringLine newLine();
}
