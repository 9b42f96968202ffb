using System.Collections.Generic;

namespace Aldera.Cranes;

public class SeriesBuilder
{
    private readonly List<IOrder> _orders = new();
    private readonly Crane _crane;

    public SeriesBuilder(Crane crane) => _crane = crane;

    public SeriesBuilder ThenMove(int metres)
    {
        _orders.Add(new Move(_crane, metres));
        return this;
    }

    public SeriesBuilder ThenHoist()
    {
        _orders.Add(new Hoist(_crane));
        return this;
    }

    public Series Build() => new Series(_orders.ToArray());
}

public static class Shift
{
    public static void Main()
    {
        var crane = new Crane();
        var cabin = new Cabin();
        cabin.Give(new SeriesBuilder(crane).ThenMove(4).ThenHoist().Build());
        cabin.TakeBack();
    }
}
