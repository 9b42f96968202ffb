using System.Collections.Generic;

namespace Aldera.Yard;

public sealed class Crane
{
    private int height;
    public bool Up(int by) { height += by; return height < 40; }
    public bool Turn(int by) { return by < 180; }
}

public interface IOrder { bool Run(); }

public sealed class Lift : IOrder
{
    private readonly Crane crane;
    private readonly int by;
    public Lift(Crane crane, int by) { this.crane = crane; this.by = by; }
    public bool Run() => crane.Up(by);
}

public sealed class Turn : IOrder
{
    private readonly Crane crane;
    public Turn(Crane crane) { this.crane = crane; }
    public bool Run() => crane.Turn(90);
}

public sealed class Shift
{
    private readonly Queue<IOrder> orders = new();
    private readonly List<IOrder> failed = new();
    public void Plan(IOrder order) => orders.Enqueue(order);
    public void Work()
    {
        while (orders.Count > 0)
        {
            var order = orders.Dequeue();
            if (!order.Run())
            {
                failed.Add(order);
            }
        }
    }
}

public sealed class Boss
{
    public void Day(Crane crane)
    {
        var shift = new Shift();
        shift.Plan(new Lift(crane, 3));
        shift.Plan(new Turn(crane));
        shift.Work();
    }
}
