using System;
using System.IO;

namespace Charts;

public interface IChart
{
    int Depth(int x, int y);
}

public sealed class PaperChart : IChart
{
    private readonly string[] _rows;
    public PaperChart(string path) => _rows = File.ReadAllLines(path);
    public int Depth(int x, int y) => _rows[y][x] - '0';
}

public sealed class ChartOnDemand : IChart
{
    private readonly Lazy<PaperChart> _chart;
    public ChartOnDemand(string path) => _chart = new Lazy<PaperChart>(() => new PaperChart(path));
    public int Depth(int x, int y) => _chart.Value.Depth(x, y);
}

public sealed class Pilot
{
    private readonly IChart _chart;
    public Pilot(IChart chart) => _chart = chart;
    public bool Safe(int x, int y) => _chart.Depth(x, y) > 3;
}

public static class Bridge
{
    public static Pilot Crew() => new Pilot(new ChartOnDemand("north.txt"));
}
