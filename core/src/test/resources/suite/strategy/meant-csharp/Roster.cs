using System.Collections.Generic;
using System.Linq;
public interface IPriority { double Key(Arrival v); }
public record Arrival(string Quay, int Tons);
public class Heaviest : IPriority { public double Key(Arrival v) => -v.Tons; }
public class ByQuay : IPriority { public double Key(Arrival v) => v.Quay.Length; }
public class Roster
{
    private readonly List<Arrival> arrivals = new();
    public IPriority Priority { get; set; }
    public Roster(IPriority priority) { Priority = priority; }
    public void Add(Arrival v) => arrivals.Add(v);
    public List<Arrival> Ordered() => arrivals.OrderBy(Priority.Key).ToList();
}
public static class App { public static void Main() { var r = new Roster(new Heaviest()); r.Priority = new ByQuay(); r.Ordered(); } }
