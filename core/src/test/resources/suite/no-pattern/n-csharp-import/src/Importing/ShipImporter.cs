namespace Aldera.Importing;

public sealed record Ship(string Name, int Tons);

public sealed class ShipImporter(ShipRepository ships) : Importer<Ship>
{
    protected override void Before() => ships.Clear();

    protected override bool TryParse(string[] row, out Ship? item)
    {
        item = row.Length == 2 && int.TryParse(row[1], out var tons) ? new Ship(row[0], tons) : null;
        return item is not null;
    }

    protected override void Store(Ship item) => ships.Add(item);
}

public sealed class ShipRepository
{
    private readonly List<Ship> ships = new();
    public void Clear() => ships.Clear();
    public void Add(Ship ship) => ships.Add(ship);
    public int Count => ships.Count;
}
