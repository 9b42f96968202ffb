package aldera.vessels;

public class Office {
    private final Vessels vessels;

    public Office(Vessels vessels) {
        this.vessels = vessels;
    }

    public int bill(String kind) {
        return vessels.make(kind).dues();
    }
}
