using System.Collections.Generic;

namespace Traffic;

public interface ICrossing
{
    void Arrived(Road road);
    void Emptied(Road road);
}

public abstract class Road
{
    protected readonly ICrossing Crossing;
    protected Road(ICrossing crossing) => Crossing = crossing;
    public bool Green { get; private set; }
    public void Go() => Green = true;
    public void Halt() => Green = false;
}

public sealed class MainRoad : Road
{
    private int _cars;
    public MainRoad(ICrossing crossing) : base(crossing) { }
    public void Car()
    {
        _cars++;
        Crossing.Arrived(this);
    }
    public void Drive()
    {
        if (Green && --_cars == 0) Crossing.Emptied(this);
    }
}

public sealed class TramLine : Road
{
    public TramLine(ICrossing crossing) : base(crossing) { }
    public void Ring() => Crossing.Arrived(this);
    public void Passed() => Crossing.Emptied(this);
}

public sealed class Crossing : ICrossing
{
    private readonly List<Road> _roads = new();

    public void Join(Road road) => _roads.Add(road);

    public void Arrived(Road road)
    {
        foreach (var other in _roads)
        {
            if (other != road) other.Halt();
        }
        road.Go();
    }

    public void Emptied(Road road)
    {
        road.Halt();
        foreach (var other in _roads)
        {
            if (other != road) other.Go();
        }
    }
}
