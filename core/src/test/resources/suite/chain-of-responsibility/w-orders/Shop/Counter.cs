using System;
using Shop.Checks;

namespace Shop;

public class Counter
{
    private readonly OrderCheck _first;

    public event EventHandler<Order>? Accepted;

    public Counter()
    {
        _first = new NotEmpty();
        _first.SetNext(new InStock(Warehouse.Instance)).SetNext(new Priced());
    }

    public bool Take(Order order)
    {
        if (!_first.Check(order)) return false;
        Accepted?.Invoke(this, order);
        return true;
    }
}

public class Receipts
{
    public void Print(object? sender, Order order) => Console.WriteLine($"{order.Id}: {order.Total}");
}

public static class Program
{
    public static void Main()
    {
        Warehouse.Instance.Store("rope", 10);
        var counter = new Counter();
        var receipts = new Receipts();
        counter.Accepted += receipts.Print;
        var order = new Order();
        order.Lines.Add(new Line("rope", 2, 4.5m));
        counter.Take(order);
    }
}
