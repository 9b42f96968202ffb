using System.Collections;
using System.Collections.Generic;
namespace Aldera;
public class Fleet : IEnumerable<string>
{
    private readonly List<string> ships = new();
    public void Add(string ship) => ships.Add(ship);
    public IEnumerator<string> GetEnumerator()
    {
        foreach (var ship in ships)
        {
            yield return ship;
        }
    }
    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
public class Admiral
{
    public int Review(Fleet fleet)
    {
        int n = 0;
        foreach (var ship in fleet) n++;
        return n;
    }
}
