package aldera.pilot;

/** The boat that takes pilots out. */
public class PilotBoat {
    private int trips;

    public void fetch(String ship) {
        trips += ship.isEmpty() ? 0 : 1;
    }

    public void returnHome() {
        trips++;
    }

    public int trips() {
        return trips;
    }
}
