using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera.Customs;

public sealed record Declaration(string Goods, int Tonnes, bool Dangerous);

public abstract class Inspection
{
    private Inspection? next;

    public Inspection Then(Inspection following)
    {
        next = following;
        return following;
    }

    public string Decide(Declaration declaration)
    {
        var verdict = Examine(declaration);
        return verdict ?? next?.Decide(declaration) ?? "pass";
    }

    protected abstract string? Examine(Declaration declaration);
}

public sealed class DangerInspection : Inspection
{
    protected override string? Examine(Declaration declaration) => declaration.Dangerous ? "hold" : null;
}

public sealed class WeightInspection : Inspection
{
    private readonly int limit;

    public WeightInspection(int limit) => this.limit = limit;

    protected override string? Examine(Declaration declaration) => declaration.Tonnes > limit ? "weigh" : null;
}

public interface IDutyTable
{
    decimal RateFor(string goods);
}

public sealed class PaperDutyTable : IDutyTable
{
    private readonly Dictionary<string, decimal> rates = new() { ["salt"] = 0.1m, ["rope"] = 0.05m };

    public decimal RateFor(string goods) => rates.GetValueOrDefault(goods, 0.2m);
}

public sealed class CachedDutyTable : IDutyTable
{
    private readonly Lazy<IDutyTable> inner;
    private readonly Dictionary<string, decimal> known = new();

    public CachedDutyTable() => inner = new Lazy<IDutyTable>(() => new PaperDutyTable());

    public decimal RateFor(string goods)
    {
        if (!known.TryGetValue(goods, out var rate))
        {
            rate = inner.Value.RateFor(goods);
            known[goods] = rate;
        }
        return rate;
    }
}

public sealed class Shed
{
    private static readonly Lazy<Shed> Only = new(() => new Shed());

    private readonly List<Declaration> held = new();

    private Shed()
    {
    }

    public static Shed Instance => Only.Value;

    public void Hold(Declaration declaration) => held.Add(declaration);

    public int Count => held.Count;
}

public static class Program
{
    public static void Main()
    {
        var first = new DangerInspection();
        first.Then(new WeightInspection(40));
        IDutyTable table = new CachedDutyTable();
        foreach (var declaration in new[] { new Declaration("salt", 30, false), new Declaration("acid", 3, true) })
        {
            if (first.Decide(declaration) == "hold")
            {
                Shed.Instance.Hold(declaration);
            }
            Console.WriteLine(table.RateFor(declaration.Goods));
        }
        Console.WriteLine(Shed.Instance.Count);
    }
}
