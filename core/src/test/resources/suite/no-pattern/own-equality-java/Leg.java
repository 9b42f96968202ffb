package aldera;

public class Leg {
    private final String port;
    private Leg next;

    public Leg(String port) {
        this.port = port;
    }

    public Leg to(Leg next) {
        this.next = next;
        return next;
    }

    @Override
    public boolean equals(Object other) {
        if (!(other instanceof Leg)) {
            return false;
        }
        Leg leg = (Leg) other;
        return port.equals(leg.port) && (next == null ? leg.next == null : next.equals(leg.next));
    }

    @Override
    public int hashCode() {
        return port.hashCode();
    }
}
