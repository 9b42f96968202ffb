using System.Collections.Generic;

namespace Fair;

public class Badge
{
    private readonly string _name;
    private readonly List<string> _halls = new();
    private int _level;

    public Badge(string name) => _name = name;

    public void Allow(string hall) => _halls.Add(hall);

    public void Raise() => _level++;

    public Badge Copy()
    {
        var copy = new Badge(_name);
        foreach (var hall in _halls) copy._halls.Add(hall);
        return copy;
    }
}

public class Counter
{
    public Badge Second(Badge badge) => badge.Copy();
}
