using System.Collections.Generic;

namespace Harbour;

public static class Chart
{
    private static readonly List<Buoy> drawn = new();
    public static void Draw(Buoy buoy) { drawn.Add(buoy); }
    public static int Count() => drawn.Count;
}

public class Buoy
{
    private readonly string name;

    private Buoy(string name) { this.name = name; }

    public static Buoy Of(string name)
    {
        var buoy = new Buoy(name);
        Chart.Draw(buoy);
        return buoy;
    }

    public string Name() => name;
}

public class Tender
{
    public string Lay() => Buoy.Of("north cardinal").Name();
}
