package depot;

public final class VehicleYard {
    private int made;

    public Vehicle order(String kind) {
        made++;
        return switch (kind) {
            case "bus" -> new Bus("B-" + made);
            case "tram" -> new Tram("T-" + made, 3);
            default -> throw new IllegalArgumentException("no such vehicle: " + kind);
        };
    }
}
