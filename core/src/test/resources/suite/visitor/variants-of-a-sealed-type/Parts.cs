using System.Collections.Generic;

namespace Harbour;

public interface IPartVisitor<T>
{
    T Plank(Plank plank);
    T Rope(Rope rope);
}

public abstract record Part
{
    public abstract T Accept<T>(IPartVisitor<T> visitor);
}

public sealed record Plank(double Metres) : Part
{
    public override T Accept<T>(IPartVisitor<T> visitor) => visitor.Plank(this);
}

public sealed record Rope(int Strands) : Part
{
    public override T Accept<T>(IPartVisitor<T> visitor) => visitor.Rope(this);
}

public sealed class Price : IPartVisitor<decimal>
{
    public decimal Plank(Plank plank) => (decimal)plank.Metres * 4;
    public decimal Rope(Rope rope) => rope.Strands;
}

public sealed class Name : IPartVisitor<string>
{
    public string Plank(Plank plank) => "plank of " + plank.Metres;
    public string Rope(Rope rope) => "rope";
}

public class Store
{
    private readonly List<Part> parts = new();

    public void Add(Part part) => parts.Add(part);

    public List<T> Each<T>(IPartVisitor<T> visitor)
    {
        var all = new List<T>();
        foreach (var part in parts)
        {
            all.Add(part.Accept(visitor));
        }
        return all;
    }

    public static void Main()
    {
        var store = new Store();
        store.Add(new Plank(2));
        store.Add(new Rope(3));
        store.Each(new Price());
        store.Each(new Name());
    }
}
