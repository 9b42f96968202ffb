using System.Threading;

namespace Aldera;

public sealed class Watch
{
    private readonly Timer _timer;
    private int _rounds;

    private Watch(int seconds)
    {
        _timer = new Timer(_ => _rounds++, null, 0, seconds * 1000);
        Registry.Enter(this);
    }

    public static Watch Every(int seconds)
    {
        if (seconds < 1) throw new System.ArgumentException("a watch needs a second at least");
        return new Watch(seconds);
    }

    public int Rounds => _rounds;
    public void Stop() => _timer.Dispose();
}

static class Registry
{
    private static readonly System.Collections.Generic.List<Watch> Watches = new();
    internal static void Enter(Watch watch) => Watches.Add(watch);
}
