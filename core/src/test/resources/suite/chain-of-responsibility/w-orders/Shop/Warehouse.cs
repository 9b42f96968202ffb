using System;
using System.Collections.Generic;

namespace Shop;

public sealed class Warehouse
{
    private static readonly Lazy<Warehouse> Only = new(() => new Warehouse());
    private readonly Dictionary<string, int> _pieces = new();

    private Warehouse() { }

    public static Warehouse Instance => Only.Value;

    public int Pieces(string article) => _pieces.TryGetValue(article, out var found) ? found : 0;

    public void Store(string article, int pieces) => _pieces[article] = Pieces(article) + pieces;
}
