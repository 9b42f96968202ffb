using System;
using System.Collections.Generic;
public interface IBoat { int Launch(); }
public class Tug : IBoat { public int Launch() => 1; }
public class Ferry : IBoat { public int Launch() => 2; }
public static class Yard
{
    public static IBoat For(string e)
    {
        var makers = new Dictionary<string, Func<IBoat>>
        {
            ["tug"] = () => new Tug(),
            ["ferry"] = () => new Ferry(),
        };
        return makers[e]();
    }
}
