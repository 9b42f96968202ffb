package aldera;

public class Harbour {
    private Pilot pilot;

    public void engage(Pilot pilot) {
        this.pilot = pilot;
    }

    public void enter(String ship) {
        if (pilot != null && !(pilot instanceof NoPilot)) {
            pilot.guide(ship);
        }
    }

    public int fee() {
        return pilot == null ? 0 : pilot.fee();
    }
}
