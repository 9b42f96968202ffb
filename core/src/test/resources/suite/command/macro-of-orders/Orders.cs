using System.Collections.Generic;

namespace Harbour;

public interface IOrder
{
    void Run();
    void Undo();
}

public class Lamp
{
    private bool on;
    public void Switch(bool value) { on = value; }
}

public class Siren
{
    private int volume;
    public void Volume(int value) { volume = value; }
}

public class LampOrder : IOrder
{
    private readonly Lamp lamp;
    public LampOrder(Lamp lamp) { this.lamp = lamp; }
    public void Run() => lamp.Switch(true);
    public void Undo() => lamp.Switch(false);
}

public class SirenOrder : IOrder
{
    private readonly Siren siren;
    public SirenOrder(Siren siren) { this.siren = siren; }
    public void Run() => siren.Volume(9);
    public void Undo() => siren.Volume(0);
}

public class MacroOrder : IOrder
{
    private readonly List<IOrder> orders;
    public MacroOrder(List<IOrder> orders) { this.orders = orders; }

    public void Run()
    {
        foreach (var order in orders)
        {
            order.Run();
        }
    }

    public void Undo()
    {
        for (var i = orders.Count - 1; i >= 0; i--)
        {
            orders[i].Undo();
        }
    }
}

public class Panel
{
    private readonly Stack<IOrder> done = new();

    public void Press(IOrder order)
    {
        order.Run();
        done.Push(order);
    }

    public void Back()
    {
        if (done.Count > 0)
        {
            done.Pop().Undo();
        }
    }
}

public static class Program
{
    public static void Main()
    {
        var panel = new Panel();
        panel.Press(new MacroOrder(new List<IOrder> { new LampOrder(new Lamp()), new SirenOrder(new Siren()) }));
        panel.Back();
    }
}
