using System.Collections.Generic;

namespace Kitchen;

public interface IOrder
{
    void Cook(Stove stove);
}

public sealed class Stove
{
    private int _pans;
    public void Fry(int minutes) => _pans += minutes;
    public void Boil(int litres) => _pans += litres;
}

public sealed class EggOrder : IOrder
{
    private readonly int _eggs;
    public EggOrder(int eggs) => _eggs = eggs;
    public void Cook(Stove stove) => stove.Fry(_eggs * 3);
}

public sealed class SoupOrder : IOrder
{
    private readonly int _bowls;
    public SoupOrder(int bowls) => _bowls = bowls;
    public void Cook(Stove stove) => stove.Boil(_bowls);
}

public sealed class Rail
{
    private readonly Queue<IOrder> _orders = new();
    private readonly Stove _stove = new();

    public void Hang(IOrder order) => _orders.Enqueue(order);

    public void Work()
    {
        while (_orders.Count > 0)
        {
            _orders.Dequeue().Cook(_stove);
        }
    }
}

public static class Evening
{
    public static void Serve(Rail rail)
    {
        rail.Hang(new EggOrder(2));
        rail.Hang(new SoupOrder(4));
        rail.Work();
    }
}
