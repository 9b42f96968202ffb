namespace Chart;

public sealed class Map
{
    private readonly List<(double X, double Y, BuoyShape Shape)> buoys = new();

    public void Mark(double x, double y, string colour) =>
        buoys.Add((x, y, BuoyShapes.Shared.Of(colour, 6)));

    public void Draw()
    {
        foreach (var (x, y, shape) in buoys)
        {
            shape.Draw(x, y);
        }
    }
}
