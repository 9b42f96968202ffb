package aldera.pilot;

/** Stands for the paper chart until somebody looks at it. */
public class LazyChart implements Chart {
    private PaperChart chart;

    @Override
    public double depthAt(double latitude, double longitude) {
        if (chart == null) {
            chart = new PaperChart(new double[] {4, 7, 12});
        }
        return chart.depthAt(latitude, longitude);
    }
}
