using System.Collections.Generic;
using System.Linq;

namespace Aldera.Zones;

public interface IZone
{
    double Area();
}

public sealed class Basin : IZone
{
    public double Side { get; init; }
    public double Area() => Side * Side;
}

public sealed class District : IZone
{
    private readonly List<IZone> zones = new();
    public void Add(IZone zone) => zones.Add(zone);
    public double Area() => zones.Sum(zone => zone.Area());
    public int Count => zones.Count;
}

public sealed class Survey
{
    public string Describe(IZone zone)
    {
        if (zone is District district)
        {
            return $"{district.Count} zones";
        }
        return $"{zone.Area()} m2";
    }
}
