package aldera.pilot;

/** Come back in. */
public class ComeHome implements PilotOrder {
    private final PilotBoat boat;

    public ComeHome(PilotBoat boat) {
        this.boat = boat;
    }

    @Override
    public void carryOut() {
        boat.returnHome();
    }
}
