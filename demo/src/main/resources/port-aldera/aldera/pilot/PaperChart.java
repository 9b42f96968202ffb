package aldera.pilot;

/** The chart in the drawer. */
public class PaperChart implements Chart {
    private final double[] depths;

    public PaperChart(double[] depths) {
        this.depths = depths.clone();
    }

    @Override
    public double depthAt(double latitude, double longitude) {
        return depths[(int) (latitude + longitude) % depths.length];
    }
}
