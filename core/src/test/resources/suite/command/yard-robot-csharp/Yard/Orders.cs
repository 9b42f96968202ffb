using System;
using System.Collections.Generic;

namespace Yard;

public interface IOrder
{
    void Run();
    void Revert();
}

public sealed class DriveOrder : IOrder
{
    private readonly Robot robot;
    private readonly int rows;
    private readonly int bays;

    public DriveOrder(Robot robot, int rows, int bays)
    {
        this.robot = robot;
        this.rows = rows;
        this.bays = bays;
    }

    public void Run() => robot.Drive(rows, bays);

    public void Revert() => robot.Drive(-rows, -bays);
}

public sealed class GripOrder : IOrder
{
    private readonly Robot robot;
    private readonly string box;

    public GripOrder(Robot robot, string box)
    {
        this.robot = robot;
        this.box = box;
    }

    public void Run() => robot.Grip(box);

    public void Revert()
    {
        throw new NotSupportedException("a gripped box is set down by hand");
    }
}

public sealed class Shift
{
    private readonly Queue<IOrder> waiting = new();
    private readonly Stack<IOrder> done = new();

    public void Plan(IOrder order) => waiting.Enqueue(order);

    public void Work()
    {
        while (waiting.TryDequeue(out var order))
        {
            order.Run();
            done.Push(order);
        }
    }

    public void Back()
    {
        if (done.Count > 0)
        {
            done.Pop().Revert();
        }
    }
}
