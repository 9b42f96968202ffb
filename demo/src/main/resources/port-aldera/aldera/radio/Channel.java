package aldera.radio;

/** A radio channel that ships and stations speak on. */
public class Channel {
    private final int number;

    public Channel(int number) {
        this.number = number;
    }

    public String call(String station) {
        return station + " on " + number;
    }
}
