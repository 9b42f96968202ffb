package aldera.tide;

/** A painted staff that a keeper reads. */
public class StaffGauge implements LevelSource {
    private final Metres read;

    public StaffGauge(Metres read) {
        this.read = read;
    }

    @Override
    public Metres level() {
        return read;
    }

    @Override
    public String where() {
        return "lock, upper staff";
    }

    @Override
    public boolean working() {
        return true;
    }
}
