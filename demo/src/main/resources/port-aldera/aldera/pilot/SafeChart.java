package aldera.pilot;

/** Takes half a metre off any chart. */
public class SafeChart implements Chart {
    private final Chart chart;

    public SafeChart(Chart chart) {
        this.chart = chart;
    }

    @Override
    public double depthAt(double latitude, double longitude) {
        return chart.depthAt(latitude, longitude) - 0.5;
    }
}
