using System.Collections.Generic;

public interface IShipWalk
{
    bool HasNext();
    string Next();
}

public class Quay
{
    private readonly List<string> ships = new();
    internal int At;

    public void Moor(string ship) => ships.Add(ship);
    public IShipWalk Walk() => new ShipWalk(this);
    internal int Count => ships.Count;
    internal string this[int index] => ships[index];
}

internal class ShipWalk : IShipWalk
{
    private readonly Quay quay;

    internal ShipWalk(Quay quay)
    {
        this.quay = quay;
        quay.At = 0;
    }

    public bool HasNext() => quay.At < quay.Count;

    public string Next()
    {
        if (!HasNext()) throw new System.InvalidOperationException("no more ships");
        return quay[quay.At++];
    }
}

public static class Program
{
    public static void Main()
    {
        var quay = new Quay();
        quay.Moor("Rosa");
        for (var walk = quay.Walk(); walk.HasNext();) System.Console.WriteLine(walk.Next());
    }
}
