using System;
using System.Collections.Generic;

namespace Aldera.Fairway;

public abstract record Buoy(int Number)
{
    public abstract string Light();
}

public record Cardinal(int Number) : Buoy(Number)
{
    public override string Light() => "quick white";
}

public record Lateral(int Number) : Buoy(Number)
{
    public override string Light() => "slow red";
}

public record Wreck(int Number) : Buoy(Number)
{
    public override string Light() => "blue and yellow";
}

public class BuoyStore
{
    private readonly Dictionary<string, Func<int, Buoy>> _makers = new()
    {
        ["cardinal"] = n => new Cardinal(n),
        ["lateral"] = n => new Lateral(n),
        ["wreck"] = n => new Wreck(n),
    };

    public Buoy Fetch(string kind, int number) =>
        _makers.TryGetValue(kind, out var make)
            ? make(number)
            : throw new ArgumentOutOfRangeException(nameof(kind), kind, "no such buoy");
}

public class LayingShip
{
    private readonly BuoyStore _store = new();
    private readonly List<Buoy> _deck = new();

    public void Load(string kind, int count)
    {
        for (var n = 1; n <= count; n++) _deck.Add(_store.Fetch(kind, n));
    }
}
