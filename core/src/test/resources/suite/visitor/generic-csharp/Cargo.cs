namespace Aldera.Cargo;

public interface ICargoVisitor<T>
{
    T VisitBulk(Bulk bulk);
    T VisitUnit(Unit unit);
}

public abstract record CargoItem
{
    public abstract T Accept<T>(ICargoVisitor<T> visitor);
}

public sealed record Bulk(double Tons) : CargoItem
{
    public override T Accept<T>(ICargoVisitor<T> visitor) => visitor.VisitBulk(this);
}

public sealed record Unit(int Count) : CargoItem
{
    public override T Accept<T>(ICargoVisitor<T> visitor) => visitor.VisitUnit(this);
}

public sealed class Weight : ICargoVisitor<double>
{
    public double VisitBulk(Bulk bulk) => bulk.Tons * 1000;
    public double VisitUnit(Unit unit) => unit.Count * 25;
}

public sealed class Label : ICargoVisitor<string>
{
    public string VisitBulk(Bulk bulk) => $"{bulk.Tons} t";
    public string VisitUnit(Unit unit) => $"{unit.Count} pieces";
}

public static class Program
{
    public static void Main()
    {
        CargoItem[] hold = { new Bulk(3), new Unit(4) };
        foreach (var item in hold)
        {
            System.Console.WriteLine(item.Accept(new Weight()) + item.Accept(new Label()));
        }
    }
}
