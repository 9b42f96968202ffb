using System.Collections;
using System.Collections.Generic;

namespace Aldera;

public class Shelf : IEnumerable<Tin>
{
    private readonly List<Tin> _tins = new();

    public void Put(Tin tin) => _tins.Add(tin);

    public IEnumerator<Tin> GetEnumerator() => _tins.GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}

public record Tin(string Label);

public class Steward
{
    public int Count(Shelf shelf)
    {
        var n = 0;
        foreach (var tin in shelf) n += tin.Label.Length;
        return n;
    }
}
