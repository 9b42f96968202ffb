using System;
using System.Collections.Generic;

public class TideSource : IObservable<int>
{
    private readonly List<IObserver<int>> observers = new();
    private int level;

    public IDisposable Subscribe(IObserver<int> observer)
    {
        if (!observers.Contains(observer)) observers.Add(observer);
        return new Subscription(observers, observer);
    }

    public void Rise(int by)
    {
        level += by;
        foreach (var observer in observers.ToArray()) observer.OnNext(level);
    }

    private sealed class Subscription : IDisposable
    {
        private readonly List<IObserver<int>> observers;
        private readonly IObserver<int> observer;

        public Subscription(List<IObserver<int>> observers, IObserver<int> observer)
        {
            this.observers = observers;
            this.observer = observer;
        }

        public void Dispose() => observers.Remove(observer);
    }
}

public class Siren : IObserver<int>
{
    private bool on;
    public void OnNext(int value) => on = value > 300;
    public void OnError(Exception error) => on = true;
    public void OnCompleted() => on = false;
}

public class Book : IObserver<int>
{
    private readonly List<int> levels = new();
    public void OnNext(int value) => levels.Add(value);
    public void OnError(Exception error) => levels.Clear();
    public void OnCompleted() { }
}

public static class Program
{
    public static void Main()
    {
        var source = new TideSource();
        using var siren = source.Subscribe(new Siren());
        source.Subscribe(new Book());
        source.Rise(3);
    }
}
