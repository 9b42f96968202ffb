package aldera;

public class Tower {
    public long strike() {
        return PortClock.instance().now();
    }
}
