using System.Collections.Generic;
namespace Aldera;
public class Colour { private readonly string name; public Colour(string name) { this.name = name; } public string Paint(int x) => name + x; }
public class Palette
{
    private readonly Dictionary<string, Colour> colours = new();
    public Colour this[string name]
    {
        get
        {
            if (!colours.TryGetValue(name, out var colour))
            {
                colour = new Colour(name);
                colours[name] = colour;
            }
            return colour;
        }
    }
}
public class Painter
{
    private readonly Palette palette = new();
    public string Draw() => palette["red"].Paint(1) + palette["blue"].Paint(2);
}
