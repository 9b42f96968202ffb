using System.Collections.Generic;

namespace Harbour;

public sealed class Registry
{
    private readonly Dictionary<string, int> ships = new();

    private Registry() { }

    public static Registry Instance => Holder.Only;

    public void Enter(string name, int length) => ships[name] = length;
    public int Count => ships.Count;

    private static class Holder
    {
        internal static readonly Registry Only = new Registry();
    }
}

public class Desk
{
    public int Book(string name)
    {
        Registry.Instance.Enter(name, 9);
        return Registry.Instance.Count;
    }
}
