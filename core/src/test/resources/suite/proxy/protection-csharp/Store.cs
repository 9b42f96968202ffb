namespace Aldera;
public interface IStore
{
    void Take(string good);
}
public class Store : IStore
{
    private int taken;
    public void Take(string good) { taken++; }
}
public class GuardedStore : IStore
{
    private readonly IStore store;
    private readonly bool allowed;
    public GuardedStore(IStore store, bool allowed) { this.store = store; this.allowed = allowed; }
    public void Take(string good)
    {
        if (!allowed) return;
        store.Take(good);
    }
}
public static class Yard
{
    public static IStore Open() => new GuardedStore(new Store(), true);
}
public class Hand
{
    public void Fetch(IStore store) => store.Take("rope");
}
