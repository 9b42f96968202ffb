using System.Collections.Generic;
namespace Aldera.Charts;
public sealed class Symbol
{
    internal Symbol(string name, string path) { Name = name; Path = path; }
    public string Name { get; }
    public string Path { get; }
    public string Place(int x, int y) => $"{Name}@{x},{y}";
}
public static class Symbols
{
    private static readonly Dictionary<string, Symbol> known = new();
    private static readonly object gate = new();
    public static Symbol For(string name)
    {
        lock (gate)
        {
            if (!known.TryGetValue(name, out var symbol))
            {
                symbol = new Symbol(name, $"/symbols/{name}.svg");
                known.Add(name, symbol);
            }
            return symbol;
        }
    }
}
public class Chart { private readonly List<string> drawn = new(); public void Buoy(int x, int y) => drawn.Add(Symbols.For("buoy").Place(x, y)); public void Wreck(int x, int y) => drawn.Add(Symbols.For("wreck").Place(x, y)); }
