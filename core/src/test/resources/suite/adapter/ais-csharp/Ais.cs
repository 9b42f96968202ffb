using System;
using System.Collections.Generic;

namespace Aldera.Ais;

public record Position(double Lat, double Lon);

public interface ITracker
{
    Position Locate(string ship);
    bool Knows(string ship);
}

public sealed class OwnTracker : ITracker
{
    private readonly Dictionary<string, Position> _seen = new();
    public Position Locate(string ship) => _seen[ship];
    public bool Knows(string ship) => _seen.ContainsKey(ship);
}

public sealed class AisFeed
{
    public string Query(int mmsi) => $"{mmsi};54.1;7.9";
    public int Lookup(string callSign) => callSign.Length;
}

public sealed class AisTracker(AisFeed feed) : ITracker
{
    public Position Locate(string ship)
    {
        var parts = feed.Query(feed.Lookup(ship)).Split(';');
        return new Position(double.Parse(parts[1]), double.Parse(parts[2]));
    }

    public bool Knows(string ship) => feed.Lookup(ship) > 0;
}

public static class Program
{
    public static void Main()
    {
        ITracker[] trackers = { new OwnTracker(), new AisTracker(new AisFeed()) };
        foreach (var tracker in trackers)
            if (tracker.Knows("Doris")) Console.WriteLine(tracker.Locate("Doris"));
    }
}
