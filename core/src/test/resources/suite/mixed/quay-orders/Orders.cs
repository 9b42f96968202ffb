using System;
using System.Collections.Generic;

namespace Aldera.Cranes;

public interface IOrder
{
    void Do();
    void Undo();
}

public sealed class Move : IOrder
{
    private readonly Crane _crane;
    private readonly int _metres;

    public Move(Crane crane, int metres)
    {
        _crane = crane;
        _metres = metres;
    }

    public void Do() => _crane.Travel(_metres);
    public void Undo() => _crane.Travel(-_metres);
}

public sealed class Hoist : IOrder
{
    private readonly Crane _crane;
    public Hoist(Crane crane) => _crane = crane;
    public void Do() => _crane.Raise();
    public void Undo() => _crane.Lower();
}

public sealed class Series : IOrder
{
    private readonly IReadOnlyList<IOrder> _orders;
    public Series(IReadOnlyList<IOrder> orders) => _orders = orders;

    public void Do()
    {
        foreach (var order in _orders) order.Do();
    }

    public void Undo()
    {
        for (var i = _orders.Count - 1; i >= 0; i--) _orders[i].Undo();
    }
}

public class Crane
{
    private int _at;
    private bool _up;
    public void Travel(int metres) => _at += metres;
    public void Raise() => _up = true;
    public void Lower() => _up = false;
    public override string ToString() => $"{_at} {_up}";
}

public class Cabin
{
    private readonly Stack<IOrder> _done = new();

    public void Give(IOrder order)
    {
        order.Do();
        _done.Push(order);
    }

    public void TakeBack()
    {
        if (_done.Count > 0) _done.Pop().Undo();
    }
}
