using System.Collections.Generic;

namespace Aldera.Pilots;

public interface IRoster
{
    IReadOnlyList<string> OnDuty(int day);
}

public sealed class RemoteRoster : IRoster
{
    public IReadOnlyList<string> OnDuty(int day) => new List<string> { "Ana", "Blai" };
}

public sealed class CachedRoster : IRoster
{
    private readonly RemoteRoster remote = new();
    private readonly Dictionary<int, IReadOnlyList<string>> known = new();

    public IReadOnlyList<string> OnDuty(int day)
    {
        if (!known.TryGetValue(day, out var pilots))
        {
            pilots = remote.OnDuty(day);
            known[day] = pilots;
        }
        return pilots;
    }
}

public sealed class Desk
{
    private readonly IRoster roster = new CachedRoster();

    public int Count(int day) => roster.OnDuty(day).Count;

    public int CountNow() => new RemoteRoster().OnDuty(0).Count;
}
