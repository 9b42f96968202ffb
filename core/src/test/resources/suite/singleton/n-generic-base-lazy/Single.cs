namespace Depot;

public abstract class Shared<T> where T : Shared<T>
{
    private static readonly Lazy<T> One = new(() => (T)Activator.CreateInstance(typeof(T), true)!);

    public static T Get() => One.Value;
}

public sealed class Stock : Shared<Stock>
{
    private int left = 40;

    private Stock() { }

    public void Take(int count) => left -= count;
}

public class Counter
{
    public void Sell() => Stock.Get().Take(1);
}
