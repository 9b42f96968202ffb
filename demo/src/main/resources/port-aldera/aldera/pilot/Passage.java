package aldera.pilot;

/** A way in, checked against a chart. */
public class Passage {
    private final Chart chart;

    public Passage(Chart chart) {
        this.chart = chart;
    }

    public boolean safeFor(double draught) {
        return chart.depthAt(43.2, 5.1) > draught;
    }
}
