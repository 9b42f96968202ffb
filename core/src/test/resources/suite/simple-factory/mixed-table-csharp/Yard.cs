using System;
using System.Collections.Generic;

public interface IBoat
{
    string[] Launch(string text);
}

public class Tug : IBoat
{
    public string[] Launch(string text) => text.Split(',');
}

public class Ferry : IBoat
{
    public string[] Launch(string text) => text.Split('\n');
}

public class Yard
{
    private readonly Dictionary<string, Func<IBoat>> makers;

    public Yard()
    {
        makers = new Dictionary<string, Func<IBoat>>
        {
            ["tug"] = Tugs,
            { "ferry", () => new Ferry() },
        };
    }

    public IBoat For(string kind)
    {
        return makers.TryGetValue(kind, out var maker) ? maker() : throw new ArgumentException(kind);
    }

    private static IBoat Tugs() => new Tug();
}
