using System.Collections.Immutable;
using System.Linq;

namespace Freight;

public abstract record Load
{
    public abstract int Kilos();
}

public sealed record Barrel(int Litres) : Load
{
    public override int Kilos() => Litres + 12;
}

public sealed record Sack(int Weight) : Load
{
    public override int Kilos() => Weight;
}

public sealed record Pallet(ImmutableList<Load> Loads) : Load
{
    public override int Kilos() => Loads.Aggregate(25, (sum, load) => sum + load.Kilos());

    public Pallet With(Load load) => this with { Loads = Loads.Add(load) };
}
