package aldera;

public final class Arrival {
    private Arrival() {
    }

    public static String handle(String ship, double draught) {
        TideDesk tide = new TideDesk();
        BerthDesk berths = new BerthDesk();
        PilotDesk pilots = new PilotDesk();
        int hour = tide.nextHigh(draught);
        int berth = berths.reserve(ship);
        pilots.send(ship, hour);
        return ship + " to " + berth + " at " + hour;
    }
}
