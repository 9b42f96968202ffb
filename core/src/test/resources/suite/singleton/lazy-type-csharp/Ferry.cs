namespace Aldera;
public sealed class Ferry
{
    private static readonly Lazy<Ferry> one = new Lazy<Ferry>(() => new Ferry());
    private int trips;
    private Ferry() { }
    public static Ferry Instance => one.Value;
    public void Cross() { trips++; }
}
public class Commuter
{
    public void Travel() { Ferry.Instance.Cross(); }
}
