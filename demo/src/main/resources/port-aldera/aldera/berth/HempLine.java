package aldera.berth;

/** The old kind. */
public class HempLine implements MooringLine {
    @Override
    public double breakingLoad() {
        return 62;
    }
}
