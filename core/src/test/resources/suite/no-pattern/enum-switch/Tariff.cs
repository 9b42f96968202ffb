namespace Aldera.Tariffs;
public enum ShipKind { Ferry, Trawler, Yacht }
public class Ship { public ShipKind Kind { get; init; } public int Tonnes { get; init; } }
public static class Tariff
{
    private const int Base = 40;
    public static int Dues(Ship ship) => ship.Kind switch
    {
        ShipKind.Ferry => Base + ship.Tonnes,
        ShipKind.Trawler => Base + ship.Tonnes / 2,
        ShipKind.Yacht => Base * 3,
        _ => throw new System.ArgumentOutOfRangeException(nameof(ship)),
    };
}
public class Cashier { private int sum; public void Take(Ship ship) { sum += Tariff.Dues(ship); } }
