using System; using System.Collections.Generic; using System.Collections.Concurrent; using System.Collections.Immutable; using System.Linq;
namespace Aldera;
public delegate void Told(int level);
public class Gauge {
    private int level;
    private readonly List<(int Limit, Action<int> One)> told = new();
    public void Join(Action<int> one) { told.Add((3, one)); }
    public void Rise(int by) { level += by; foreach (var p in told.Where(p => p.Limit < level)) p.One(level); }
}
public class Board { public void Redraw(int l) => Console.WriteLine(l); }
public class Siren { public void Howl(int l) => Console.Beep(); }
public static class Program { public static void Main() { var g = new Gauge(); g.Join(new Board().Redraw); g.Join(new Siren().Howl); g.Rise(3); } }
