using System.Collections.Generic;
using System.Linq;

namespace Farm;

public abstract class Report
{
    public string Print()
    {
        var lines = new List<string> { Title() };
        lines.AddRange(Rows());
        if (WithFooter()) lines.Add("--");
        return string.Join("\n", lines);
    }

    protected abstract string Title();
    protected abstract IEnumerable<string> Rows();
    protected virtual bool WithFooter() => true;
}

public sealed class MilkReport : Report
{
    private readonly int[] _litres;
    public MilkReport(int[] litres) => _litres = litres;
    protected override string Title() => "Milk";
    protected override IEnumerable<string> Rows() => _litres.Select(l => $"{l} l");
}

public sealed class EggReport : Report
{
    private readonly int _eggs;
    public EggReport(int eggs) => _eggs = eggs;
    protected override string Title() => "Eggs";
    protected override IEnumerable<string> Rows() => new[] { _eggs.ToString() };
    protected override bool WithFooter() => false;
}

public static class Office
{
    public static void Main()
    {
        System.Console.WriteLine(new MilkReport(new[] { 20, 22 }).Print());
        System.Console.WriteLine(new EggReport(60).Print());
    }
}
