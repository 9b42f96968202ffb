namespace Aldera;
public interface IRoute
{
    int Miles(int degrees);
}
public class Coastal : IRoute
{
    public int Miles(int degrees) => degrees * 70;
}
public class Direct : IRoute
{
    public int Miles(int degrees) => degrees * 60;
}
public class Navigator
{
    private IRoute route;
    public Navigator(IRoute route) { this.route = route; }
    public void Choose(IRoute other) { route = other; }
    public int Plan(int degrees) => route.Miles(degrees) + 1;
}
public static class Bridge
{
    public static int Run()
    {
        var n = new Navigator(new Coastal());
        n.Choose(new Direct());
        return n.Plan(3);
    }
}
