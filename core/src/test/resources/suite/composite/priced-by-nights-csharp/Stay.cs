using System.Collections.Generic;
using System.Linq;

namespace Aldera.Inn;

public abstract class Part
{
    public abstract decimal Price(int nights);
}

public sealed class Bed : Part
{
    public override decimal Price(int nights) => 30m * nights;
}

public sealed class Breakfast : Part
{
    public override decimal Price(int nights) => 12m * (nights - 1);
}

public sealed class Package : Part
{
    private readonly List<Part> parts = new();

    public void Add(Part part) => parts.Add(part);
    public void Remove(Part part) => parts.Remove(part);
    public override decimal Price(int nights) => parts.Sum(part => part.Price(nights));
}
