package aldera;

public record Berth(int number, double length, String ship) {
    public Berth {
        if (length <= 0) {
            throw new IllegalArgumentException("length must be positive");
        }
    }

    public Berth takenBy(String name) {
        return new Berth(number, length, name);
    }

    public boolean isFree() {
        return ship == null;
    }
}
