namespace Aldera.Charts;

public interface ISeaChart
{
    int DepthAt(int x, int y);
}

public class ScannedChart : ISeaChart
{
    private readonly byte[] pixels;

    public ScannedChart(string file) => pixels = System.IO.File.ReadAllBytes(file);

    public int DepthAt(int x, int y) => pixels[y * 64 + x];
}

public class ChartWhenNeeded : ISeaChart
{
    private readonly string file;
    private ScannedChart? chart;

    public ChartWhenNeeded(string file) => this.file = file;

    public int DepthAt(int x, int y) => (chart ??= new ScannedChart(file)).DepthAt(x, y);
}

public class Helm
{
    private readonly ISeaChart chart;

    public Helm(ISeaChart chart) => this.chart = chart;

    public bool Afloat(int x, int y) => chart.DepthAt(x, y) > 3;
}
