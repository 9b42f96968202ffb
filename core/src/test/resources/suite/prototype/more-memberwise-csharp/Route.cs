using System;
using System.Collections.Generic;

namespace Aldera.Routes;

public class Route : ICloneable
{
    public string Name { get; set; } = "";
    public List<string> Buoys { get; private set; } = new();

    public object Clone()
    {
        var copy = (Route)MemberwiseClone();
        copy.Buoys = new List<string>(Buoys);
        return copy;
    }
}

public sealed class Planner
{
    public Route Alternative(Route route)
    {
        var other = (Route)route.Clone();
        other.Name += " (2)";
        return other;
    }
}
