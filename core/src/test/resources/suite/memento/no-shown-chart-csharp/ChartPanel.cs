namespace Aldera.Screens;
public sealed class ChartPanel
{
    private Chart chart;
    private bool zoomable;
    public ChartPanel(Chart chart) { this.chart = chart; }
    public Chart Shown() { return chart; }
    public void Show(Chart chart)
    {
        this.chart = chart;
        zoomable = chart.Scale > 1;
    }
    public string Caption() { return zoomable ? chart.Title + " (zoomed)" : chart.Title; }
}
