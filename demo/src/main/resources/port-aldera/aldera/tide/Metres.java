package aldera.tide;

/** A height above chart datum. */
public record Metres(double value) {
    public Metres plus(Metres other) {
        return new Metres(value + other.value);
    }

    public boolean above(Metres other) {
        return value > other.value;
    }
}
