using System;
using System.Collections.Generic;

namespace Depths;

public sealed class Sounder : IObservable<double>
{
    private readonly List<IObserver<double>> observers = new();

    public IDisposable Subscribe(IObserver<double> observer)
    {
        observers.Add(observer);
        return new Leaving(observers, observer);
    }

    public void Measure(double metres)
    {
        foreach (var observer in observers.ToArray())
        {
            observer.OnNext(metres);
        }
    }

    private sealed class Leaving : IDisposable
    {
        private readonly List<IObserver<double>> from;
        private readonly IObserver<double> who;

        public Leaving(List<IObserver<double>> from, IObserver<double> who)
        {
            this.from = from;
            this.who = who;
        }

        public void Dispose() => from.Remove(who);
    }
}

public sealed class ShallowAlarm : IObserver<double>
{
    public bool Rings { get; private set; }

    public void OnNext(double metres) => Rings = metres < 3;

    public void OnError(Exception error) => Rings = true;

    public void OnCompleted() => Rings = false;
}

public static class Bridge
{
    public static void Main()
    {
        var sounder = new Sounder();
        using var leaving = sounder.Subscribe(new ShallowAlarm());
        sounder.Measure(2.4);
    }
}
