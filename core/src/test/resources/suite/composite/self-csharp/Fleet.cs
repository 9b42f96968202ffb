using System.Collections;
using System.Collections.Generic;
public interface IVessel { double Load(); }
public class Boat : IVessel { private readonly double load; public Boat(double l) { load = l; } public double Load() => load; }
public class Fleet : IVessel, IEnumerable<IVessel> {
    private readonly List<IVessel> vessels = new();
    public void Add(IVessel v) => vessels.Add(v);
    public IEnumerator<IVessel> GetEnumerator() => vessels.GetEnumerator();
    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
    public double Load() {
        double sum = 0;
        foreach (var v in this) sum += v.Load();
        return sum;
    }
}
