using System.Collections.Generic;

public interface ITower
{
    void Join(Station station);
    void Pass(string from, string to, string text);
}

public abstract class Station
{
    protected readonly ITower Tower;

    protected Station(string name, ITower tower)
    {
        Name = name;
        Tower = tower;
        tower.Join(this);
    }

    public string Name { get; }

    public abstract void Hear(string from, string text);
}

public class Cabin : Station
{
    private readonly List<string> heard = new();

    public Cabin(string name, ITower tower) : base(name, tower) { }

    public void Say(string to, string text) => Tower.Pass(Name, to, text);

    public override void Hear(string from, string text) => heard.Add(from + text);
}

public class SignalLamp : Station
{
    private bool lit;

    public SignalLamp(string name, ITower tower) : base(name, tower) { }

    public override void Hear(string from, string text)
    {
        lit = text == "light";
        Tower.Pass(Name, from, lit ? "lit" : "dark");
    }
}

public class PortTower : ITower
{
    private readonly Dictionary<string, Station> stations = new();

    public void Join(Station station) => stations[station.Name] = station;

    public void Pass(string from, string to, string text)
    {
        if (stations.TryGetValue(to, out var station))
        {
            station.Hear(from, text);
        }
    }
}
