namespace Aldera.Count;

public sealed class ShipCounter
{
    private static ShipCounter? instance;
    private static readonly object gate = new();
    private int count;

    private ShipCounter() { }

    public static ShipCounter Instance
    {
        get
        {
            if (instance == null)
            {
                lock (gate)
                {
                    if (instance == null)
                    {
                        instance = new ShipCounter();
                    }
                }
            }
            return instance;
        }
    }

    public int Next() => ++count;
}

public class Gatehouse
{
    public int Pass() => ShipCounter.Instance.Next();
}
