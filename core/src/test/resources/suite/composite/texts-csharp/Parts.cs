using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera;

public abstract class Part
{
    public abstract string Show();
}

public class Plank : Part
{
    public override string Show() => "plank";
}

public class Nail : Part
{
    public override string Show() => "nail";
}

public class Jetty : Part
{
    private readonly List<Part> parts = new();

    public void Add(Part part) => parts.Add(part);

    public override string Show() => "jetty(" + string.Join(", ", parts.Select(part => part.Show())) + ")";
}

public static class Program
{
    public static void Main()
    {
        var jetty = new Jetty();
        jetty.Add(new Plank());
        jetty.Add(new Nail());
        Part whole = jetty;
        Console.WriteLine(whole.Show());
    }
}
