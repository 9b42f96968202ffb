using System;
using System.Collections.Concurrent;

namespace Aldera.Registry;

public sealed class ShipRegister
{
    private static readonly Lazy<ShipRegister> Kept = new(() => new ShipRegister());
    private readonly ConcurrentDictionary<string, string> _flags = new();

    private ShipRegister() { }

    public static ShipRegister Current => Kept.Value;

    public void Enter(string ship, string flag) => _flags[ship] = flag;
    public string FlagOf(string ship) => _flags.TryGetValue(ship, out var f) ? f : "unknown";
}

public class Harbourmaster
{
    public void Welcome(string ship, string flag)
    {
        ShipRegister.Current.Enter(ship, flag);
        Console.WriteLine(ShipRegister.Current.FlagOf(ship));
    }
}
