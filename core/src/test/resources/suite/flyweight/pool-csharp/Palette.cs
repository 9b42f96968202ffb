using System.Collections.Generic;
namespace Aldera;
public class Colour
{
    public string Name { get; }
    public Colour(string name) { Name = name; }
}
public class Palette
{
    private readonly Dictionary<string, Colour> colours = new();
    public Colour Get(string name)
    {
        if (!colours.TryGetValue(name, out var colour))
        {
            colour = new Colour(name);
            colours[name] = colour;
        }
        return colour;
    }
}
public class Painter
{
    public string Paint(Palette palette) => palette.Get("red").Name;
}
