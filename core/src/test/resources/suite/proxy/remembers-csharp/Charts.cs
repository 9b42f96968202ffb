using System.Collections.Generic;

namespace Harbour;

public interface ICharts { string Sheet(string area); }

public class PaperCharts : ICharts
{
    private int opened;
    public string Sheet(string area) => "sheet of " + area + " no " + ++opened;
}

public class RememberedCharts : ICharts
{
    private readonly ICharts charts;
    private readonly Dictionary<string, string> known = new();

    public RememberedCharts(ICharts charts) => this.charts = charts;

    public string Sheet(string area)
    {
        if (!known.TryGetValue(area, out var sheet))
        {
            sheet = charts.Sheet(area);
            known[area] = sheet;
        }
        return sheet;
    }
}

public class Bridge
{
    private readonly ICharts charts;
    public Bridge(ICharts charts) { this.charts = charts; }
    public string Plot() => charts.Sheet("west") + charts.Sheet("west");
    public static void Main() => System.Console.WriteLine(new Bridge(new RememberedCharts(new PaperCharts())).Plot());
}
