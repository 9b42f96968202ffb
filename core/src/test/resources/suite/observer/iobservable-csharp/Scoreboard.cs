using System;

namespace Racing;

public class Scoreboard : IObserver<TimeSpan>
{
    private TimeSpan _best = TimeSpan.MaxValue;

    public void OnNext(TimeSpan lap)
    {
        if (lap < _best) _best = lap;
    }

    public void OnError(Exception error) => _best = TimeSpan.MaxValue;

    public void OnCompleted() => Console.WriteLine(_best);
}

public class Commentator : IObserver<TimeSpan>
{
    private int _laps;

    public void OnNext(TimeSpan lap) => _laps++;

    public void OnError(Exception error) => _laps = 0;

    public void OnCompleted() => Console.WriteLine(_laps);
}
