using System;
using System.Collections.Generic;

namespace Racing;

public class LapTimer : IObservable<TimeSpan>
{
    private readonly List<IObserver<TimeSpan>> _observers = new();

    public IDisposable Subscribe(IObserver<TimeSpan> observer)
    {
        _observers.Add(observer);
        return new Leave(_observers, observer);
    }

    public void Finish(TimeSpan lap)
    {
        foreach (var observer in _observers.ToArray())
        {
            observer.OnNext(lap);
        }
    }

    private sealed class Leave : IDisposable
    {
        private readonly List<IObserver<TimeSpan>> _all;
        private readonly IObserver<TimeSpan> _one;

        public Leave(List<IObserver<TimeSpan>> all, IObserver<TimeSpan> one)
        {
            _all = all;
            _one = one;
        }

        public void Dispose() => _all.Remove(_one);
    }
}
