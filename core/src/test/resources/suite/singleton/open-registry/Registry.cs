namespace Aldera;
public class BerthRegistry
{
    private static BerthRegistry _only;
    private readonly Dictionary<string, string> _berths = new();
    public BerthRegistry() { }
    public static BerthRegistry Only
    {
        get
        {
            if (_only == null) _only = new BerthRegistry();
            return _only;
        }
    }
    public void Assign(string ship, string berth) => _berths[ship] = berth;
    public string Find(string ship) => _berths.TryGetValue(ship, out var b) ? b : null;
}
public class Planner
{
    public void Plan(string ship) => BerthRegistry.Only.Assign(ship, "B1");
}
public class Guard
{
    public bool Knows(string ship) => BerthRegistry.Only.Find(ship) != null;
}
