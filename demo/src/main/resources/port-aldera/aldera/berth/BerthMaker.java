package aldera.berth;

/** Makes the kind of berth that a plan asks for. */
public class BerthMaker {
    public Berth make(String kind, int number) {
        return switch (kind) {
            case "quay" -> new QuayBerth(number);
            case "buoy" -> new BuoyBerth(number);
            case "jetty" -> new TankerJetty(number);
            default -> null;
        };
    }
}
