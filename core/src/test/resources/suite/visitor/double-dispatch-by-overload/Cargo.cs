using System.Collections.Generic;

public abstract class Cargo
{
    public abstract TResult Accept<TResult>(ICargoVisitor<TResult> visitor);
}

public sealed class Grain : Cargo
{
    public double Tons { get; init; }
    public override TResult Accept<TResult>(ICargoVisitor<TResult> visitor) => visitor.Visit(this);
}

public sealed class Container : Cargo
{
    private readonly List<Cargo> inside = new();
    public IReadOnlyList<Cargo> Inside => inside;
    public void Add(Cargo cargo) => inside.Add(cargo);
    public override TResult Accept<TResult>(ICargoVisitor<TResult> visitor) => visitor.Visit(this);
}

public interface ICargoVisitor<out TResult>
{
    TResult Visit(Grain grain);
    TResult Visit(Container container);
}

public sealed class Weight : ICargoVisitor<double>
{
    public double Visit(Grain grain) => grain.Tons;
    public double Visit(Container container)
    {
        var sum = 2.0;
        foreach (var cargo in container.Inside) sum += cargo.Accept(this);
        return sum;
    }
}

public sealed class Names : ICargoVisitor<string>
{
    public string Visit(Grain grain) => "grain";
    public string Visit(Container container) => $"container of {container.Inside.Count}";
}

public static class Program
{
    public static void Main()
    {
        var container = new Container();
        container.Add(new Grain { Tons = 4 });
        System.Console.WriteLine(container.Accept(new Weight()) + container.Accept(new Names()));
    }
}
