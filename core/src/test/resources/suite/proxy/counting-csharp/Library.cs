using System.Collections.Generic;

namespace Lending;

public interface ICatalogue
{
    string? Find(string title);
    void Return(string title);
}

public sealed class ShelfCatalogue : ICatalogue
{
    private readonly HashSet<string> _titles = new();

    public string? Find(string title) => _titles.Remove(title) ? title : null;

    public void Return(string title) => _titles.Add(title);
}

public sealed class CountedCatalogue : ICatalogue
{
    private readonly ShelfCatalogue _shelves = new();

    public int Calls { get; private set; }

    public string? Find(string title)
    {
        Calls++;
        return _shelves.Find(title);
    }

    public void Return(string title)
    {
        Calls++;
        _shelves.Return(title);
    }
}
