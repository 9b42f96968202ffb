using System;
using System.Collections.Generic;

namespace Canteen;

public class Kitchen
{
    private static readonly Dictionary<string, Type> Menu = new()
    {
        ["soup"] = typeof(Soup),
        ["pie"] = typeof(Pie),
    };

    public IDish Prepare(string name)
    {
        if (!Menu.TryGetValue(name, out var type))
        {
            throw new ArgumentException($"no dish called {name}");
        }
        return (IDish)Activator.CreateInstance(type)!;
    }
}
