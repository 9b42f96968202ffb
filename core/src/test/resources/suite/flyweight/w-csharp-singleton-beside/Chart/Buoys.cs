using System.Collections.Concurrent;

namespace Chart;

public sealed class BuoyShape
{
    internal BuoyShape(string colour, int sides)
    {
        Colour = colour;
        Sides = sides;
    }

    public string Colour { get; }
    public int Sides { get; }

    public void Draw(double x, double y) => Console.WriteLine($"{Colour}/{Sides} at {x},{y}");
}

public sealed class BuoyShapes
{
    private static readonly BuoyShapes TheOnly = new();
    private readonly ConcurrentDictionary<(string, int), BuoyShape> shapes = new();

    private BuoyShapes()
    {
    }

    public static BuoyShapes Shared => TheOnly;

    public BuoyShape Of(string colour, int sides) =>
        shapes.GetOrAdd((colour, sides), key => new BuoyShape(key.Item1, key.Item2));
}
