using System.Collections.Generic;
using System.Linq;
namespace Aldera;
public abstract class Zone
{
    public abstract int Dwellers();
}
public class Block : Zone
{
    private readonly int count;
    public Block(int count) { this.count = count; }
    public override int Dwellers() => count;
}
public class District : Zone
{
    private readonly List<Zone> zones = new();
    public void Add(Zone zone) => zones.Add(zone);
    public override int Dwellers() => zones.Sum(z => z.Dwellers());
}
public class Census
{
    public int Take(Zone zone) => zone.Dwellers();
}
