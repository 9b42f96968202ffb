package aldera.pilot;

/** Go out and board. */
public class BoardShip implements PilotOrder {
    private final PilotBoat boat;
    private final String ship;

    public BoardShip(PilotBoat boat, String ship) {
        this.boat = boat;
        this.ship = ship;
    }

    @Override
    public void carryOut() {
        boat.fetch(ship);
    }
}
