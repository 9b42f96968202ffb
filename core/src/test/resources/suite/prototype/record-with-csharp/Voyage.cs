using System.Collections.Generic;

namespace Voyages;

public abstract record Voyage(string Ship)
{
    public abstract Voyage Again();
}

public sealed record CargoVoyage(string Ship, List<string> Crates) : Voyage(Ship)
{
    public override Voyage Again() => this with { Crates = new List<string>(Crates) };
}

public sealed record CruiseVoyage(string Ship, int Guests) : Voyage(Ship)
{
    public override Voyage Again() => this with { };
}

public static class Planner
{
    public static List<Voyage> Season(Voyage first, int times)
    {
        var all = new List<Voyage>();
        for (var i = 0; i < times; i++)
        {
            all.Add(first.Again());
        }
        return all;
    }
}
