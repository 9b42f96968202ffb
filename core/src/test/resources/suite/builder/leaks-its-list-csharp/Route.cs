using System.Collections.Generic;

public class Route
{
    public Route(List<string> ports, string flag)
    {
        Ports = ports;
        Flag = flag;
    }

    public List<string> Ports { get; }
    public string Flag { get; }
}

public class RouteBuilder
{
    private readonly List<string> ports = new();
    private string flag = "none";
    private Route made;

    public RouteBuilder Via(string port)
    {
        ports.Add(port);
        return this;
    }

    public void Under(string name)
    {
        flag = name;
    }

    public Route Build()
    {
        made ??= new Route(ports, flag);
        return made;
    }
}

public static class Planner
{
    public static void Main()
    {
        var builder = new RouteBuilder().Via("Aldera").Via("Mota");
        builder.Under("Norvia");
        var route = builder.Build();
        var other = new Route(new List<string> { "Lira" }, "none");
        System.Console.WriteLine(route.Ports.Count + other.Ports.Count);
    }
}
