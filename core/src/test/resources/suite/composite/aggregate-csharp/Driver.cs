using System.Collections.Immutable;

namespace Freight;

public class Driver
{
    public bool MayDrive(Load load) => load.Kilos() < 3500;

    public Load Pack() => new Pallet(ImmutableList.Create<Load>(new Barrel(80))).With(new Sack(50));
}
