using System.Collections.Generic;

public interface IOrder
{
    void Execute();
    void Undo();
}

public class Light { public bool On { get; private set; } public void Toggle() => On = !On; }

public class ToggleLight : IOrder
{
    private readonly Light _light;
    public ToggleLight(Light light) => _light = light;
    public void Execute() => _light.Toggle();
    public void Undo() => _light.Toggle();
}

public class Series : IOrder
{
    private readonly List<IOrder> _orders;
    public Series(IEnumerable<IOrder> orders) => _orders = new List<IOrder>(orders);
    public void Execute() { foreach (var order in _orders) order.Execute(); }
    public void Undo() { for (var i = _orders.Count - 1; i >= 0; i--) _orders[i].Undo(); }
}

public class Console
{
    private readonly Stack<IOrder> _done = new();
    public void Do(IOrder order) { order.Execute(); _done.Push(order); }
    public void Back() { if (_done.Count > 0) _done.Pop().Undo(); }
}

public static class Program
{
    public static void Main()
    {
        var console = new Console();
        var light = new Light();
        console.Do(new Series(new IOrder[] { new ToggleLight(light), new ToggleLight(light) }));
        console.Back();
    }
}
