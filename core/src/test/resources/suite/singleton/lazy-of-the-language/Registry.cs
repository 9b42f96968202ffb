using System;
using System.Collections.Concurrent;

namespace Harbour;

public sealed class Registry
{
    private static readonly Lazy<Registry> only = new(() => new Registry());
    private readonly ConcurrentDictionary<string, int> ships = new();

    private Registry() { }

    public static Registry Only => only.Value;

    public void Enter(string name, int length) => ships[name] = length;
    public int Length(string name) => ships.TryGetValue(name, out var length) ? length : 0;
}

public class Desk
{
    public int Book(string name)
    {
        Registry.Only.Enter(name, 90);
        return Registry.Only.Length(name);
    }
}
