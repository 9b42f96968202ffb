using System;
using System.Collections.Generic;

namespace Harbour;

public class Manifest
{
    private readonly string ship;
    private readonly IReadOnlyList<string> goods;

    internal Manifest(string ship, IReadOnlyList<string> goods)
    {
        this.ship = ship;
        this.goods = goods;
    }

    public string Text() => ship + ": " + string.Join(", ", goods);
}

public class ManifestBuilder
{
    private string ship = "";
    private readonly List<string> goods = new();

    public ManifestBuilder For(string name)
    {
        ship = name;
        return this;
    }

    public ManifestBuilder With(string item)
    {
        goods.Add(item);
        return this;
    }

    public Manifest Build()
    {
        if (ship.Length == 0)
        {
            throw new InvalidOperationException("no ship");
        }
        return new Manifest(ship, goods.ToArray());
    }
}

public class Desk
{
    public Manifest Write(Action<ManifestBuilder> steps)
    {
        var builder = new ManifestBuilder();
        steps(builder);
        return builder.Build();
    }

    public static void Main()
    {
        Console.WriteLine(new Desk().Write(m => m.For("Aurora").With("coal")).Text());
    }
}
