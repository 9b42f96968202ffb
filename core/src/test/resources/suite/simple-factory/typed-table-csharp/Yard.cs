using System;
using System.Collections.Generic;
public interface IBoat { int Launch(); }
public class Tug : IBoat { public int Launch() => 1; }
public class Ferry : IBoat { public int Launch() => 2; }
public class Yard
{
    private readonly ILaunchOnlyDictionary<string, Func<IBoat>> makers;
    public Yard()
    {
        makers = new Dictionary<string, Func<IBoat>>
        {
            { "tug", () => new Tug() },
            { "ferry", () => new Ferry() },
        };
    }
    public IBoat For(string e) => makers[e]();
}
