using System.Collections.Generic;
using System.Linq;
namespace Aldera.Tide;
public interface ITideListener { void TideTurned(double level); }
public class Gauge {
    private readonly List<(int Rank, ITideListener Listener)> listeners = new();
    private double level;
    public void Join(ITideListener listener, int rank = 0) { listeners.Add((rank, listener)); }
    public void Leave(ITideListener listener) { listeners.RemoveAll(entry => entry.Listener == listener); }
    public void Measure(double level) {
        this.level = level;
        foreach (var entry in listeners.OrderBy(one => one.Rank)) {
            entry.Listener.TideTurned(level);
        }
    }
}
public class Siren : ITideListener { public int Calls { get; private set; } public void TideTurned(double level) { Calls++; } }
public class Lamp : ITideListener { private bool lit; public void TideTurned(double level) { lit = level > 3; } }
