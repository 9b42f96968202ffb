namespace Weather;

public record Reading(double Celsius, DateTime At);

public class Station : IObservable<Reading>
{
    private readonly List<IObserver<Reading>> observers = new();

    public IDisposable Subscribe(IObserver<Reading> observer)
    {
        observers.Add(observer);
        return new Ticket(observers, observer);
    }

    public void Measure(double celsius)
    {
        var reading = new Reading(celsius, DateTime.Now);
        foreach (var observer in observers.ToArray())
            observer.OnNext(reading);
    }

    private sealed class Ticket : IDisposable
    {
        private readonly List<IObserver<Reading>> observers;
        private readonly IObserver<Reading> observer;

        public Ticket(List<IObserver<Reading>> observers, IObserver<Reading> observer)
        {
            this.observers = observers;
            this.observer = observer;
        }

        public void Dispose() => observers.Remove(observer);
    }
}
