package aldera;

public class Span {
    private final long minutes;

    public Span(long minutes) {
        this.minutes = minutes;
    }

    public long milliseconds() {
        return minutes * 60_000;
    }
}
