using System.Collections.Concurrent;
using System.Collections.Generic;

namespace Woods;

public sealed class Species
{
    public string Name { get; }
    public string Bark { get; }

    internal Species(string name, string bark) => (Name, Bark) = (name, bark);

    public string Draw(int x, int y) => $"{Name} at {x},{y} in {Bark}";
}

public static class SpeciesBook
{
    private static readonly ConcurrentDictionary<(string, string), Species> Known = new();

    public static Species Find(string name, string bark) =>
        Known.GetOrAdd((name, bark), key => new Species(key.Item1, key.Item2));

    public static int Count => Known.Count;
}

public readonly struct Tree
{
    private readonly int _x;
    private readonly int _y;
    private readonly Species _species;

    public Tree(int x, int y, Species species)
    {
        _x = x;
        _y = y;
        _species = species;
    }

    public string Draw() => _species.Draw(_x, _y);
}

public class Forest
{
    private readonly List<Tree> _trees = new();

    public void Plant(int x, int y, string name, string bark) =>
        _trees.Add(new Tree(x, y, SpeciesBook.Find(name, bark)));

    public IEnumerable<string> Draw()
    {
        foreach (var tree in _trees) yield return tree.Draw();
    }
}
