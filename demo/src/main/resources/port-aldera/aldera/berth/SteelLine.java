package aldera.berth;

/** For the jetty. */
public class SteelLine implements MooringLine {
    @Override
    public double breakingLoad() {
        return 240;
    }
}
