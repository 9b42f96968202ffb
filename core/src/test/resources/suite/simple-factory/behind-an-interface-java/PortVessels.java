package aldera.vessels;

public class PortVessels implements Vessels {
    @Override
    public Vessel make(String kind) {
        switch (kind) {
            case "barge":
                return new Barge();
            case "liner":
                return new Liner();
            default:
                throw new IllegalArgumentException("no vessel " + kind);
        }
    }
}
