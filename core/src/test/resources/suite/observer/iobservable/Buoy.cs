using System;
using System.Collections.Generic;

namespace Aldera.Buoys;

public class Buoy : IObservable<double>
{
    private readonly List<IObserver<double>> _observers = new();

    public IDisposable Subscribe(IObserver<double> observer)
    {
        _observers.Add(observer);
        return new Leaving(() => _observers.Remove(observer));
    }

    public void Drift(double metres)
    {
        foreach (var observer in _observers.ToArray())
        {
            observer.OnNext(metres);
        }
    }

    private sealed class Leaving : IDisposable
    {
        private readonly Action _leave;
        public Leaving(Action leave) => _leave = leave;
        public void Dispose() => _leave();
    }
}

public class DriftLog : IObserver<double>
{
    private readonly List<double> _all = new();
    public void OnNext(double value) => _all.Add(value);
    public void OnError(Exception error) => _all.Clear();
    public void OnCompleted() => _all.TrimExcess();
}
