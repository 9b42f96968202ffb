using System;
using System.Collections.Generic;
using System.Linq;

namespace Cranes
{
    public class Crane
    {
        public int Height { get; private set; }
        public void Move(int by) => Height += by;
    }

    public interface IOrder
    {
        void Do();
        void Undo();
    }

    public sealed record Lift(Crane Crane, int By) : IOrder
    {
        public void Do() => Crane.Move(By);
        public void Undo() => Crane.Move(-By);
    }

    public sealed record Drop(Crane Crane) : IOrder
    {
        private int _was;
        public void Do()
        {
            _was = Crane.Height;
            Crane.Move(-_was);
        }
        public void Undo() => Crane.Move(_was);
    }

    public class Driver
    {
        private readonly LinkedList<IOrder> _done = new();

        public void Carry(params IOrder[] orders)
        {
            foreach (var order in orders)
            {
                order.Do();
                _done.AddLast(order);
            }
        }

        public void Back()
        {
            if (_done.Last is { } last)
            {
                last.Value.Undo();
                _done.RemoveLast();
            }
        }
    }

    public static class Shift
    {
        public static void Run(Driver driver, Crane crane) => driver.Carry(new Lift(crane, 3), new Drop(crane));
    }
}
