namespace Cruise;

public sealed class Voyage
{
    public required string Ship { get; init; }
    public required IReadOnlyList<string> Ports { get; init; }
    public int Nights { get; init; }
}

public sealed class VoyagePlanner
{
    private string? ship;
    private readonly List<string> ports = [];
    private int nights;

    public VoyagePlanner On(string name)
    {
        ship = name;
        return this;
    }

    public VoyagePlanner Calling(string port, int stay = 1)
    {
        ports.Add(port);
        nights += stay;
        return this;
    }

    public Voyage Plan() => new()
    {
        Ship = ship ?? throw new InvalidOperationException("no ship"),
        Ports = [.. ports],
        Nights = nights,
    };

    public static implicit operator Voyage(VoyagePlanner planner) => planner.Plan();
}
