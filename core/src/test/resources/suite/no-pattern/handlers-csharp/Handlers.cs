using System.Collections.Generic;

public record Arrival(string Ship);
public record Departure(string Ship);

public class Log
{
    private readonly List<string> _lines = new();
    public void Add(string line) => _lines.Add(line);
}

public class ArrivalHandler
{
    private readonly Log _log;
    public ArrivalHandler(Log log) => _log = log;
    public void Handle(Arrival arrival) => _log.Add("in " + arrival.Ship);
}

public class DepartureHandler
{
    private readonly Log _log;
    public DepartureHandler(Log log) => _log = log;
    public void Handle(Departure departure) => _log.Add("out " + departure.Ship);
}

public class Gate
{
    private readonly ArrivalHandler _arrivals;
    private readonly DepartureHandler _departures;

    public Gate(ArrivalHandler arrivals, DepartureHandler departures)
    {
        _arrivals = arrivals;
        _departures = departures;
    }

    public void In(string ship) => _arrivals.Handle(new Arrival(ship));
    public void Out(string ship) => _departures.Handle(new Departure(ship));
}
