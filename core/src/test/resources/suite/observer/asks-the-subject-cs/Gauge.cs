using System.Collections.Generic;

namespace Harbour;

public interface IWatcher { void Changed(Gauge gauge); }

public class Gauge
{
    private readonly List<IWatcher> watchers = new();
    public double Level { get; private set; }

    public void Watch(IWatcher watcher) => watchers.Add(watcher);
    public void Leave(IWatcher watcher) => watchers.Remove(watcher);

    public void Rise(double by)
    {
        Level += by;
        foreach (var watcher in watchers.ToArray())
        {
            watcher.Changed(this);
        }
    }
}

public class Siren : IWatcher
{
    private bool loud;
    public void Changed(Gauge gauge) => loud = gauge.Level > 4;
}

public class TideLog : IWatcher
{
    private readonly List<double> lines = new();
    public void Changed(Gauge gauge) => lines.Add(gauge.Level);
}

public static class Program
{
    public static void Main()
    {
        var gauge = new Gauge();
        gauge.Watch(new Siren());
        gauge.Watch(new TideLog());
        gauge.Rise(2);
    }
}
