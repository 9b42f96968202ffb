using System;
using System.Collections.Generic;
using System.Linq;

public class Bell
{
    private IReadOnlyList<Action<int>> _ringers = Array.Empty<Action<int>>();
    private int _rung;

    public IDisposable Add(Action<int> ringer)
    {
        _ringers = _ringers.Append(ringer).ToList();
        return new Leaving(() => _ringers = _ringers.Where(one => one != ringer).ToList());
    }

    public void Ring()
    {
        _rung++;
        foreach (var ringer in _ringers) ringer(_rung);
    }

    private sealed class Leaving : IDisposable
    {
        private readonly Action _leave;
        public Leaving(Action leave) => _leave = leave;
        public void Dispose() => _leave();
    }
}

public static class Program
{
    public static void Main()
    {
        var bell = new Bell();
        using var one = bell.Add(times => Console.WriteLine(times));
        bell.Ring();
    }
}
