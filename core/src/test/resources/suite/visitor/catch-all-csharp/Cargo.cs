using System.Collections.Generic;

namespace Cargo;

public interface ICargoVisitor
{
    void Visit(Crate crate);
    void Visit(Tank tank);
}

public abstract class Item
{
    public abstract void Accept(ICargoVisitor visitor);
}

public sealed class Crate : Item
{
    public int Kilos { get; init; }

    public override void Accept(ICargoVisitor visitor) => visitor.Visit(this);
}

public sealed class Tank : Item
{
    public int Litres { get; init; }

    public override void Accept(ICargoVisitor visitor) => visitor.Visit(this);
}

public sealed class Pallet : Item
{
    private readonly List<Item> items = new();

    public void Put(Item item) => items.Add(item);

    public override void Accept(ICargoVisitor visitor)
    {
        foreach (var item in items)
        {
            item.Accept(visitor);
        }
    }
}

public sealed class WeightVisitor : ICargoVisitor
{
    public double Total { get; private set; }

    public void Visit(Crate crate) => Total += crate.Kilos;

    public void Visit(Tank tank) => Total += tank.Litres * 0.9;
}

public static class Program
{
    public static void Main()
    {
        var pallet = new Pallet();
        pallet.Put(new Crate { Kilos = 40 });
        pallet.Put(new Tank { Litres = 900 });
        var weight = new WeightVisitor();
        pallet.Accept(weight);
        System.Console.WriteLine(weight.Total);
    }
}
