using System;

public sealed class Crane
{
    internal Crane(int tons, bool rails, string colour)
    {
        Tons = tons;
        Rails = rails;
        Colour = colour;
    }

    public int Tons { get; }
    public bool Rails { get; }
    public string Colour { get; }

    public static Crane Create(Action<CraneSpec> configure)
    {
        var spec = new CraneSpec();
        configure(spec);
        return spec.ToCrane();
    }
}

public sealed class CraneSpec
{
    private int tons = 10;
    private bool rails;
    private string colour = "grey";

    public CraneSpec Lifting(int value)
    {
        tons = value;
        return this;
    }

    public CraneSpec OnRails()
    {
        rails = true;
        return this;
    }

    public CraneSpec Painted(string value)
    {
        colour = value;
        return this;
    }

    internal Crane ToCrane()
    {
        if (tons <= 0) throw new InvalidOperationException("a crane lifts something");
        return new Crane(tons, rails, colour);
    }
}

public static class Program
{
    public static void Main() => Console.WriteLine(Crane.Create(spec => spec.Lifting(40).OnRails()).Tons);
}
